/** Carried by every plan, page and print; apart from the cautions, which a page for phones need not load. */
export const DEFERRAL =
  'Check your school’s risk assessment, local codes and the supplier’s safety sheets; work that these reserve to trained or licensed people stays with them.';
