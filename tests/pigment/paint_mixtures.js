// Writes paint_mixtures.json: mixtures of paints by spectral.js (R. van Wijnen, MIT licence, npm registry, 3.0.0), an
// independent implementation of Kubelka-Munk mixing. It weighs a colour by factor^2 * luminance; the factors here undo
// that, so that amounts are parts times scattering power, as Duncan has it.
//
//     npm install spectral.js@3.0.0 && node tests/pigment/paint_mixtures.js > tests/pigment/paint_mixtures.json
const { Color, mix } = require('spectral.js');

const bands = 36; // of its 38: 380 to 730 nm
const paints = { ochre: ['#b9822e', 4.0], red: ['#9a3f28', 5.0], blue: ['#2b3a9c', 3.0], green: ['#1e6b56', 2.8],
                 white: ['#f4f2ee', 6.0], black: ['#262322', 4.4] };
const mixtures = [[['ochre', 1], ['blue', 1]], [['ochre', 2], ['blue', 1]], [['red', 1], ['green', 3]],
                  [['white', 3], ['blue', 1]], [['red', 1], ['ochre', 1], ['black', 1]], [['white', 2], ['red', 1], ['green', 1]]];

const rounded = (values) => values.slice(0, bands).map((v) => Number(v.toPrecision(8)));
const told = mixtures.map((parts) => {
  const colours = parts.map(([name]) => new Color(paints[name][0]));
  const mixed = mix(...parts.map(([name, part], i) => [colours[i], Math.sqrt((part * paints[name][1]) / colours[i].luminance)]));
  return {
    paints: parts.map(([name, part], i) => ({ name, part, scatter: paints[name][1], reflectance: rounded(colours[i].R) })),
    reflectance: rounded(mixed.R),
  };
});
console.log(JSON.stringify(told));
