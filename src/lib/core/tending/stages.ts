import type { WayId } from '../fires';
import type { Course } from './course';
import type { Asked, PressName } from './presses';

/** Where a fire is in its course. */
export type Stage =
	| 'unlit'
	| 'feeding'
	| 'skimming'
	| 'burning-down'
	| 'burner'
	| 'front'
	| 'through'
	| 'stirred'
	| 'capped'
	| 'warming'
	| 'steaming'
	| 'gassing'
	| 'fading'
	| 'shut'
	| 'quenching'
	| 'quenched'
	| 'out'
	| 'given-up';

/** What may be done at a stage: the one act of the moment, and the others. */
export interface StageRow {
	readonly main: PressName | undefined;
	readonly tiles: readonly (PressName | Asked)[];
	/** More of them, behind a line that opens. */
	readonly more: readonly (PressName | Asked)[];
}

const smokes: readonly PressName[] = ['smoke-none', 'smoke-some', 'smoke-thick'];
const water: StageRow['tiles'] = ['water-start', 'poured'];

const rows: Readonly<Record<Exclude<Stage, 'unlit' | 'given-up'>, StageRow>> = Object.freeze({
	feeding: {
		main: 'layer',
		tiles: ['white', 'flames', 'heat', ...smokes, 'layer-thin', 'layer-thick', 'measured'],
		more: [
			'layer-thick-pieces',
			'layer-fine-pieces',
			'poke',
			'gust',
			'depth',
			'fed',
			'went-out',
			...water
		]
	},
	// A pail that is added to: how much is what counts.
	skimming: {
		main: undefined,
		tiles: ['measured', 'heat', 'quenched', ...smokes],
		more: [...water]
	},
	'burning-down': {
		main: 'water-start',
		tiles: ['poured', 'heat', 'depth', ...smokes, 'white', 'poke', 'layer'],
		more: ['flames', 'gust', 'quenched']
	},
	burner: {
		main: 'burner',
		tiles: ['flames', 'heat', 'gust', ...smokes, 'went-out'],
		more: ['glow', ...water]
	},
	front: {
		main: 'glow',
		tiles: ['ash-drops', 'blue-flame', 'rod', ...smokes, 'heat', 'flames', 'went-out'],
		more: ['gust', 'poke', 'depth', 'cap', ...water]
	},
	through: {
		main: 'stir',
		tiles: ['cap', 'heat', 'tip', ...smokes],
		more: ['depth', ...water]
	},
	stirred: {
		main: 'cap',
		tiles: ['tip', 'heat', 'depth', ...smokes],
		more: [...water]
	},
	capped: {
		main: 'tip',
		tiles: ['heat', 'depth', 'poured', 'water-start', ...smokes, 'quenched'],
		more: []
	},
	warming: {
		main: 'steam',
		tiles: ['gas-lit', 'heat', 'flames', ...smokes, 'went-out'],
		more: ['gust', ...water]
	},
	steaming: {
		main: 'gas-lit',
		tiles: ['heat', 'flames', 'gust', ...smokes, 'went-out'],
		more: [...water]
	},
	gassing: {
		main: 'gas-fading',
		tiles: ['heat', 'flames', 'gust', ...smokes],
		more: [...water]
	},
	fading: { main: 'shut', tiles: ['gas-lit', 'heat', ...smokes], more: [...water] },
	shut: {
		main: 'quenched',
		tiles: ['heat', 'depth', 'poured', 'water-start', ...smokes],
		more: []
	},
	quenching: {
		main: 'quenched',
		tiles: ['poured', 'water-start', 'heat', ...smokes, 'depth', 'poke'],
		more: ['layer']
	},
	quenched: {
		main: undefined,
		tiles: ['poured', 'water-start', 'depth', ...smokes, 'heat'],
		more: []
	},
	out: {
		main: 'lit-again',
		tiles: ['give-up', 'heat', ...smokes],
		more: []
	}
});

/** What is filled once and burns from its top down. */
const isBarrel = (way: WayId) => way === 'barrel';

/** Where a fire is, by what was tapped last of what ends a stage. */
export function stageOf(way: WayId, course: Course): Stage {
	const { done, seen, runs, pours } = course;
	const at = (moment: number | undefined) => moment ?? -Infinity;
	if (done['given-up'] !== undefined) return 'given-up';
	if (course.quenched_ms !== undefined) return 'quenched';
	if (course.lit_ms === undefined && course.layers.length === 0) return 'unlit';
	if (at(seen['went-out']) > at(done['lit-again'])) return 'out';
	if (way !== 'stove' && (runs.length > 0 || pours.length > 0)) return 'quenching';
	if (way === 'stove') return 'skimming';
	if (isBarrel(way)) return barrelStage(course);
	if (way === 'retort') return retortStage(course);
	// A layer after the last word of feeding begins it anew.
	return at(done['feeding-done']) > at(course.layers.at(-1)?.at_ms) ? 'burning-down' : 'feeding';
}

/** Signs at the floor: the front is through. */
export const floorSigns = [
	'glow-at-floor',
	'ash-drops',
	'short-blue-flame',
	'rod-through'
] as const;

/** When the front of a barrel was first said to be through since it was lit. */
export const throughAt = ({ seen }: Pick<Course, 'seen'>): number | undefined => {
	const moments = floorSigns.flatMap((sign) => seen[sign] ?? []);
	return moments.length > 0 ? Math.min(...moments) : undefined;
};

function barrelStage(course: Course): Stage {
	const { done } = course;
	if (done.tip !== undefined) return 'quenching';
	if (done.cap !== undefined) return 'capped';
	if (done.stir !== undefined) return 'stirred';
	if (throughAt(course) !== undefined) return 'through';
	return done['burner-on'] === undefined ? 'burner' : 'front';
}

function retortStage({ done, seen }: Course): Stage {
	const at = (moment: number | undefined) => moment ?? -Infinity;
	if (done.shut !== undefined) return 'shut';
	if (at(seen['gas-fading']) > at(seen['gas-lit'])) return 'fading';
	if (seen['gas-lit'] !== undefined) return 'gassing';
	return seen.steam === undefined ? 'warming' : 'steaming';
}

/** What may be tapped now. While the hose runs its one button stops it. */
export function stageRow(stage: Stage, { runs }: Pick<Course, 'runs'>): StageRow {
	if (stage === 'unlit' || stage === 'given-up') return { main: undefined, tiles: [], more: [] };
	const row = rows[stage];
	const isRunning = runs.length > 0 && runs.at(-1)?.to_ms === undefined;
	if (!isRunning) return row;
	const rest = (list: StageRow['tiles']) => list.filter((one) => one !== 'water-start');
	return {
		main: 'water-stop',
		tiles: [...(row.main && row.main !== 'water-start' ? [row.main] : []), ...rest(row.tiles)],
		more: rest(row.more)
	};
}
