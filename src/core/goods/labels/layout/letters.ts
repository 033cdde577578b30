/** Letters the font of labels and papers has, beside line ends: Latin, Greek, Cyrillic. Read from the font that ships with the PDF writer. */
const HAS =
  /^[\n\r -~\u00a0-\u017f\u018f\u0192\u01a0\u01a1\u01af\u01b0\u01f0\u01fa-\u01ff\u0218-\u021b\u0237\u0259\u02bc\u02c6\u02c7\u02c9\u02d8-\u02dd\u0384-\u038a\u038c\u038e-\u03a1\u03a3-\u03ce\u0400-\u0482\u048a-\u0513\u1e00\u1e01\u1e3e\u1e3f\u1e80-\u1e85\u1e9e\u1ea0-\u1ef9\u2000-\u200b\u2010\u2011\u2013-\u2015\u2017-\u201e\u2020-\u2022\u2025-\u2027\u2030\u2032\u2033\u2039\u203a\u203c\u2044\u2070\u2074-\u208e\u20a3\u20a4\u20a6-\u20ac\u20b1\u20b9\u20ba\u2105\u2113\u2116\u2122\u2126\u212e\u2202\u2206\u2211\u2212\u221a\u221e\u2248\u2260\u2264\u2265\u25cf]$/u;

/** Letters of a text that would print as empty boxes, each once. */
export function cannotPrint(text: string): readonly string[] {
  return [...new Set(Array.from(text.normalize('NFC')).filter((letter) => !HAS.test(letter)))];
}
