/** Published works that constants and formulas are from: work, edition and place. `docs/sources.md` has the same keys. */
export const SOURCES = {
  "alpert-1972":
    "R. L. Alpert, Calculation of response time of ceiling-mounted fire detectors, Fire Technology 8 (1972) 181–195",
  "ashrae-fundamentals": "ASHRAE Handbook—Fundamentals, SI edition 2017, ch. 16, Ventilation and infiltration",
  "astm-e11": "ASTM E11-20, Standard specification for woven wire test sieve cloth, table 1",
  "bs-5925": "BS 5925:1991, Code of practice for ventilation principles and designing for natural ventilation",
  "carver-1957": "W. B. Carver, Solution to problem E 1225, American Mathematical Monthly 64 (1957) 114–116",
  codata:
    "E. Tiesinga et al., CODATA recommended values of the fundamental physical constants 2018, Reviews of Modern Physics 93 (2021) 025010",
  "hyland-wexler":
    "R. W. Hyland and A. Wexler, Formulations for the thermodynamic properties of the saturated phases of H₂O, ASHRAE Transactions 89 (1983) 500–519",
  incropera: "F. P. Incropera et al., Fundamentals of Heat and Mass Transfer, 6th edition 2007, 6.7",
  "crc-handbook": "CRC Handbook of Chemistry and Physics, 97th edition 2016, sect. 6",
  "en-1991-1-1": "EN 1991-1-1:2002, Actions on structures, table 6.2, category A",
  "en-572-1": "EN 572-1:2012, Glass in building, basic soda lime silicate glass products, table 1",
  "en-572-2": "EN 572-2:2012, Float glass, thickness tolerances",
  "en-1995-1-1": "EN 1995-1-1:2004+A1:2008, Design of timber structures, 8.7.2, axially loaded screws",
  epstein:
    "M. Epstein, Buoyancy-driven exchange flow through small openings in horizontal partitions, Journal of Heat Transfer 110 (1988) 885–893",
  "ferguson-zones":
    "F. M. Baines et al., How much UV-B does my reptile need?, Journal of Zoo and Aquarium Research 4 (2016) 42–63, table 1",
  idelchik: "I. E. Idelchik, Handbook of Hydraulic Resistance, 3rd edition 1994, diagram 8-6",
  "iso-6946": "ISO 6946:2017, Building components and building elements, thermal resistance and transmittance, table 7",
  "nec-210": "NFPA 70, National Electrical Code 2020, 210.20(A), continuous loads",
  timoshenko:
    "S. P. Timoshenko and S. Woinowsky-Krieger, Theory of Plates and Shells, 2nd edition 1959, ch. 5, rectangular plates",
  "wood-moisture":
    "Forest Products Laboratory, Wood Handbook—Wood as an Engineering Material, FPL-GTR-190 2010, ch. 4, equilibrium moisture",
} as const;
export type SourceKey = keyof typeof SOURCES;
