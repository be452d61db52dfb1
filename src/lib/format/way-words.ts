import type { Role, WayId } from '../core/fires';
import type { Bottleneck, Helps, Stage } from '../core/days';
import { list } from './words';

export const stageWords: Readonly<Record<Stage, string>> = {
	fill: 'fill',
	light: 'light, burner on',
	burn: 'burns down',
	cap: 'stir and cap',
	cool: 'cools shut',
	tip: 'tip and quench'
};

/** What somebody is told to do. */
export const toDoWords = (stage: Stage, barrel: string): string =>
	({
		fill: `fill ${barrel}`,
		light: `light ${barrel}, burner on`,
		burn: `look at ${barrel}`,
		cap: `stir and cap ${barrel}`,
		cool: `leave ${barrel} shut`,
		tip: `tip ${barrel} and quench`
	})[stage];

const oneMore: Readonly<Record<Bottleneck, string>> = {
	hands: 'one more hand',
	burners: 'one more burner and chimney',
	hoses: 'one more hose'
};

/** What would shorten the day, by how much, the most first; found by planning it with one more. */
export function helpWords(helps: Helps): string {
	const saves = (Object.entries(helps) as [Bottleneck, number][])
		.filter(([, minutes]) => minutes > 0)
		.sort((a, b) => b[1] - a[1])
		.map(([one, minutes]) => `${oneMore[one]} would save ${minutes} min`);
	return saves.length > 0
		? list(saves)
		: 'the barrels themselves take so long: no more hands, burners or hoses would shorten it';
}

export const roleWords: Readonly<Record<Role, string>> = {
	watch: 'one watches for sparks, and rakes at the quench',
	feed: 'one feeds, and takes the hose at the quench',
	hose: 'one stands by with the hose',
	rake: 'one more rakes at the quench'
};

/** How a way goes, from the load to the quench. */
export interface WayPlan {
	readonly load: string;
	readonly foot: string;
	readonly light: string;
	readonly watch: readonly string[];
	readonly stop: string;
	readonly caution: string;
	/** Where growers differ, and what is taken unless told otherwise. */
	readonly schools?: string;
}

const cue =
	'White ash on the edges of the top pieces: add the next thin layer, over all of it, without smothering.';
const thick =
	'Thick pieces go in around the middle of the burn, never last, with finer stuff over them.';
const cueSchools =
	'Some add at the first white edges (taken here: most char, least ash), some on a thick ash layer, some let all of it sink to embers in one go.';

export const wayPlans: Readonly<Record<WayId, WayPlan>> = {
	'open-kiln': {
		load: 'First a small load that may stand above the rim, kindling on top; then thin layers, larger as the bed widens, the last of fine stuff only.',
		foot: 'No floor? Pack soil round its foot: air from below makes ash.',
		light: 'From the top, all round, not at one spot.',
		watch: [
			cue,
			thick,
			'An unbroken ring of flame at the rim is right; flames taller than a person mean layers come too soon.'
		],
		stop: 'Full, or out of wood, the last layer red with little flame: flood from below or above and drain.',
		caution:
			'A rim that curves inward folds smoke back into the flame; a flooded kiln weighs many times its char: never tip it by hand.',
		schools: `${cueSchools} Lit from the top there is less smoke; lit from the floor the bed grows from a small fire.`
	},
	trench: {
		load: 'A growing bed in layers; long pieces along it, so that they need no cutting.',
		foot: 'Into bare mineral soil: never on peat or roots.',
		light: 'A little fire on the floor, or the first load laid and lit on top.',
		watch: [cue, thick, 'Gusts across the trench burn holes in it: wait for a steady day.'],
		stop: 'Hose it from upwind, the edge first, rake thin and wet every pale or glowing patch; or cover with earth.',
		caution: 'Its edge crumbles and is hot: keep a line nobody steps over.',
		schools: cueSchools
	},
	barrel: {
		load: 'Filled once to the rim with even, dry chips or short pieces, not packed; none smaller than the floor holes.',
		foot: 'On bricks, so that air comes through the floor holes and nowhere else.',
		light: 'A small starter fire spread level over the whole top; then burner ring and chimney.',
		watch: [
			'The front goes down evenly, 10–20 mm a minute; char above it is safe while it burns.',
			'Through: glow at the floor holes, ash drops, the flame turns short and blue, a rod meets nothing.',
			'Every five minutes past that cost 5–10 % of the char.'
		],
		stop: 'Stir, lid on, set on bare soil so that no air comes from below; or tip it and quench.',
		caution:
			'Beside the burner the heat is fierce: long tools, a wide stance. Sweep embers off the stand before the next.'
	},
	retort: {
		load: 'Even blocks in a closed chamber, heated from outside.',
		foot: 'Its ports open into the fire, so that its own gas burns.',
		light: 'A fire around the chamber.',
		watch: [
			'White steam while it warms, then a roar with flames at the ports.',
			'Flames fade and die: it is done.'
		],
		stop: 'Close every opening and let it cool shut overnight.',
		caution:
			'Opened hot it flares up in your face, and its gas is poison: cold to the hand before the lid moves.'
	},
	'open-pile': {
		load: 'A heap, fed and raked together; it needs no kit and gives the least.',
		foot: 'On bare ground, wetted all round.',
		light: 'On top.',
		watch: [cue, 'Rake in what falls outside before it turns to ash.'],
		stop: 'Rake it thin and hose it, every pale patch twice.',
		caution: 'It throws sparks furthest of all: no wind, and a wide bare ring.'
	},
	stove: {
		load: 'No load of its own: dry wood as it is fed to the stove, boiler or oven.',
		foot: 'A lidded metal pail with water beside the door.',
		light: 'It burns anyway.',
		watch: ['Rake out what glows without flame, before it turns white.'],
		stop: 'Straight into the water, lid on, outdoors.',
		caution:
			'Embers give off carbon monoxide: never leave the pail inside, even when it looks dead.'
	}
};
