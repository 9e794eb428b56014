/** What follows from a design and the shell built from it. */
interface Of {
  shell: object;
  variant: object;
  book?: object;
}

/**
 * A pure function of a design that is worked out once for each: many rules ask the same of one. Designs are never changed in
 * place, so the very same variant, shell and book have the very same answer; it goes when the variant does.
 * @param answer reads nothing but the shell, the variant and the book
 */
export function perDesign<S extends Of, R>(answer: (site: S) => R): (site: S) => R {
  const kept = new WeakMap<object, { shell: object; book: object | undefined; value: R }>();
  return (site) => {
    const { shell, variant, book } = site;
    const known = kept.get(variant);
    if (known && known.shell === shell && known.book === book) return known.value;
    const value = answer(site);
    kept.set(variant, { shell, book, value });
    return value;
  };
}
