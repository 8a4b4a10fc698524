/** Below this nothing has room beside anything: one column, for one hand. */
export const ON_A_PHONE = '(max-width: 599.95px)';
