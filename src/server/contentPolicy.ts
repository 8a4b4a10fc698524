/** Of what is no page: nothing in it may be framed (W3C Content Security Policy Level 3). */
export const POLICY_OF_ANSWERS = "frame-ancestors 'none'; base-uri 'none'; form-action 'none'";
