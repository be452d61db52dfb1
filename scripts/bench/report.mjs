// What was measured, as docs/benchmarks.md, and whether it is as it should be.
import { cpus, totalmem } from 'node:os';

/** What is held to: times of the empty page in the same run, on the books of ten years; kilobytes everywhere. */
export const gates = { warm: 2.5, cold: 2.5, html_kB: 80, script_kB: 85 };

/**
 * @typedef {{ page: string, isPage: boolean, p50: number, p95: number, cold: number, warmTimes: number, coldTimes: number,
 *   warmQueries: number, coldQueries: number, bytes: number, gzip: number, script: number }} Row
 * @typedef {{ name: string, size: { acts: number, movements: number, burns: number, beds: number }, rows: Row[] }} Result
 */

const ms = (/** @type {number} */ value) => value.toFixed(1);
const times = (/** @type {number} */ value) => value.toFixed(2);
const kb = (/** @type {number} */ value) => (value / 1000).toFixed(value < 10_000 ? 1 : 0);

/** @param {readonly Result[]} results @returns {readonly string[]} what is over its gate */
export function over(results) {
	return results.flatMap(({ name, rows }) =>
		rows
			.filter(({ isPage }) => isPage)
			.flatMap(({ page, warmTimes, coldTimes, bytes, script }) => [
				...(name === 'ten years' && warmTimes > gates.warm
					? [`${name} ${page}: ${times(warmTimes)} times the empty page`]
					: []),
				...(name === 'ten years' && coldTimes > gates.cold
					? [`${name} ${page}: cold ${times(coldTimes)} times the cold empty page`]
					: []),
				...(bytes > gates.html_kB * 1000 ? [`${name} ${page}: ${kb(bytes)} kB of HTML`] : []),
				...(script > gates.script_kB * 1000 ? [`${name} ${page}: ${kb(script)} kB of script`] : [])
			])
	);
}

/** @param {Row} row @param {number} i */
const nameOf = (row, i) =>
	i === 0
		? 'no page (a line of text)'
		: i === 1
			? 'empty page (the frame alone)'
			: `\`${row.page}\``;

/** @param {Result} result */
const tableOf = ({ name, size, rows }) =>
	[
		`## ${name[0]?.toUpperCase()}${name.slice(1)}: ${size.acts} acts, ${size.movements} movements, ${size.burns} burns, ${size.beds} beds`,
		'',
		'| page | p50, ms | × empty | p95, ms | queries | cold, ms | × cold empty | cold queries | HTML, kB | gzipped, kB | script gzipped, kB |',
		'| --- | ---: | ---: | ---: | ---: | ---: | ---: | ---: | ---: | ---: | ---: |',
		...rows.map(
			(row, i) =>
				`| ${nameOf(row, i)} | ${ms(row.p50)} | ${times(row.warmTimes)} | ${ms(row.p95)} | ${row.warmQueries} | ${ms(row.cold)} | ${times(row.coldTimes)} | ${row.coldQueries} | ${kb(row.bytes)} | ${kb(row.gzip)} | ${row.script === 0 ? '' : kb(row.script)} |`
		),
		''
	].join('\n');

/** @param {readonly Result[]} results */
function growthOf(results) {
	const one = results.find(({ name }) => name === 'one year')?.rows ?? [];
	const ten = results.find(({ name }) => name === 'ten years')?.rows ?? [];
	return one
		.map((row, i) => ({ page: row.page, times: (ten[i]?.p50 ?? 0) / row.p50 }))
		.sort((a, b) => b.times - a.times)
		.slice(0, 5)
		.map(({ page, times: t }) => `- \`${page}\`: ${times(t)} times`)
		.join('\n');
}

/** @param {readonly Result[]} results @param {{ rounds: number, calls: number, writes: number, beforehand: number }} how */
export function reportOf(results, { rounds, calls, writes, beforehand }) {
	const [cpu] = cpus();
	const faults = over(results);
	return `# How fast it is

Written by \`npm run bench\`; change nothing here by hand. Every page is first asked for ${beforehand} times
untimed, so that its code is as well translated as that of the empty page, which is asked for
between all the others. Then in each of ${rounds} rounds every page is asked
for ${calls} times, one call after the other, from the same machine and whole: routing, database,
rendering, transfer. What stands here is the p50 of its quietest round, since other work on the machine only
ever adds, and the p95 of the median round; "× empty" is the middle, over the rounds, of a page's p50
to that of the empty page asked for right before it. "Cold" is the first look at a page
after a note was written, when no answer worked out before can be used again: the quietest of ${writes}. Queries
are counted in a run apart. \`$bed\` and the like stand for the bed, lot or fire with the most to tell;
"a crowd" is a holding with two hundred of each kind, all open at once.
Machine: ${cpu?.model ?? 'unknown'}, ${cpus().length} cores, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.versions.node}.

Gates: on ten years at most ${gates.warm} times the empty page warm and ${gates.cold} times the cold empty
page cold; everywhere at most ${gates.html_kB} kB of HTML before compression and ${gates.script_kB} kB of
script gzipped before anybody acts. p95 is told and gates nothing.

${faults.length > 0 ? `Over its gate:\n\n${faults.map((fault) => `- ${fault}`).join('\n')}` : 'Nothing is over its gate.'}

${results.map(tableOf).join('\n')}
## Growth from one year to ten (p50)

${growthOf(results)}
`;
}
