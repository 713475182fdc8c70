// Writes ciecam16_table.txt: 1,000 random viewing conditions and colours with J, C and h as the npm package colorjs.io
// 0.7.1 (MIT) has them. Run with that package installed: node make_ciecam16_table.mjs > ciecam16_table.txt
import { environment, toCam16 } from "colorjs.io/src/spaces/cam16.js";

let state = 16;
const random = (least, most) => {
	state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
	return least + ((most - least) * state) / 4294967296;
};
const surrounds = ["average", "dim", "dark"];
const rows = ["# white XYZ (Y = 1), adapting luminance cd/m2, background Y (percent), surround, colour XYZ, J, C, h"];
for (let i = 0; i < 1000; ++i) {
	// Whites from lamp light to north sky; colours as reflectances of three broad bands seen in that light.
	const white = [random(0.9, 1.12), 1, random(0.33, 1.3)];
	const [r, g, b] = [random(0.02, 0.95), random(0.02, 0.95), random(0.02, 0.95)];
	const colour = [
		white[0] * (0.45 * r + 0.37 * g + 0.18 * b),
		0.24 * r + 0.68 * g + 0.08 * b,
		white[2] * (0.02 * r + 0.12 * g + 0.86 * b),
	];
	const luminance = Math.exp(random(Math.log(4), Math.log(1000)));
	const background = random(5, 60);
	const surround = i % 3;
	const { J, C, h } = toCam16(colour, environment(white, luminance, background, surrounds[surround], false));
	rows.push(
		[...white, luminance, background].map(v => v.toFixed(9)).join(" ") + ` ${surround} ` +
			[...colour, J, C, h].map(v => v.toFixed(9)).join(" "),
	);
}
console.log(rows.join("\n"));
