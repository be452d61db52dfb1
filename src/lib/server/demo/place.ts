import type { CropKind, Drainage, Humus, Texture } from '../../core/beds';
import { litres, metres } from '../../core/units';
import { calibrateMeasure, keepSettings } from '../usecases/keep-settings';
import { markOut } from './parts';
import { measureBed } from '../usecases/measure-bed';
import { measureVessel } from '../usecases/measure-vessel';
import type { Diary, Moment } from './diary';

const ownMeasures = [
	['barrow', 78],
	['grey tub', 38],
	['can', 9],
	['dye jug', 2.5],
	['feed scoop', 1.9]
] as const;

/** Place, people, own measures, vessels and beds of the garden, as they were so many days ago. */
export function layOut(diary: Diary, daysAgo = 230): void {
	const begin: Moment = { daysAgo, hour: 9, by: 'Oda' };
	diary.enter(begin, keepSettings, {
		place: 'Quillmere Dye Garden',
		latitude: 54.2,
		longitude: -3.1,
		timeZone: 'UTC',
		system: 'metric',
		currency: 'GBP',
		people: ['Oda', 'Bram', 'Ines']
	});
	for (const [name, holds] of ownMeasures)
		diary.enter(begin, calibrateMeasure, { name, litres: litres(holds) });
	layVessels(diary, begin);
	for (const bed of [...beds, pots]) diary.enter(begin, measureBed, bed);
	markOut(diary, daysAgo);
}

function layVessels(diary: Diary, begin: Moment): void {
	diary.enter(begin, measureVessel, {
		name: 'Lantern',
		usedFor: 'open-kiln',
		isNew: true,
		shape: { kind: 'round', rimWidth: metres(1.3), floorWidth: metres(0.45), depth: metres(0.8) }
	});
	diary.enter(begin, measureVessel, {
		name: 'Ditch',
		usedFor: 'trench',
		isNew: true,
		shape: {
			kind: 'trench',
			rimLength: metres(2.6),
			rimWidth: metres(0.8),
			floorLength: metres(2.2),
			floorWidth: metres(0.5),
			depth: metres(0.55)
		}
	});
	diary.enter(begin, measureVessel, {
		name: 'Dye vat',
		usedFor: 'tub',
		isNew: true,
		shape: { kind: 'round', rimWidth: metres(0.66), floorWidth: metres(0.58), depth: metres(0.6) }
	});
}

function bed(
	name: string,
	[length_m, width_m]: readonly [number, number],
	[texture, drainage, ph]: readonly [Texture, Drainage, number],
	crop: string,
	extra: {
		acidLover?: boolean;
		eatenRaw?: boolean;
		humus?: Humus;
		cropKind?: CropKind;
	} = {}
) {
	return {
		name,
		isNew: true,
		target: 'area' as const,
		pieces: 1,
		length_m,
		width_m,
		depth_m: 0.15,
		texture,
		drainage,
		humus: extra.humus ?? 'usual',
		cropKind: extra.cropKind ?? 'mixed',
		ph,
		crop,
		acidLover: extra.acidLover ?? false,
		eatenRaw: extra.eatenRaw ?? false
	};
}

/** Twenty-four pots of 12 litres along the dye-house wall, filled with the mix of the place. */
const pots = {
	...bed('Pots', [0.26, 0.26], ['loam', 'dries-out', 6.3], 'dyer’s coreopsis'),
	target: 'pots' as const,
	pieces: 24,
	depth_m: 0.226
};

const upper = [4.8, 1.1] as const;
const middle = [6, 1.2] as const;
const mere = [8, 1] as const;

const beds = [
	bed('Upper 1', upper, ['clay-loam', 'stays-wet', 5.8], 'madder'),
	bed('Upper 2', upper, ['clay-loam', 'stays-wet', 5.6], 'black hollyhock'),
	bed('Upper 3', upper, ['clay-loam', 'even', 6.1], 'madder'),
	bed('Upper 4', upper, ['clay-loam', 'even', 6], 'salad for the kitchen', {
		eatenRaw: true,
		cropKind: 'leaf-and-fruit'
	}),
	bed('Middle 1', middle, ['loam', 'even', 6.4], 'weld'),
	bed('Middle 2', middle, ['loam', 'even', 6.6], 'dyer’s chamomile', {
		cropKind: 'fine-seed'
	}),
	bed('Middle 3', middle, ['loam', 'even', 6.2], 'dyer’s coreopsis'),
	bed('Middle 4', middle, ['loam', 'even', 6.5], 'safflower'),
	bed('Middle 5', middle, ['loam', 'even', 6.6], 'marigold', { humus: 'rich' }),
	bed('Middle 6', middle, ['loam', 'even', 6], 'a potato row'),
	bed('Mere 1', mere, ['sandy-silt', 'dries-out', 5.8], 'dyer’s knotweed', {
		cropKind: 'leaf-and-fruit'
	}),
	bed('Mere 2', mere, ['sandy-silt', 'dries-out', 5.4], 'woad, madder from April', {
		humus: 'poor',
		cropKind: 'leaf-and-fruit'
	}),
	bed('Mere 3', mere, ['sandy-silt', 'even', 5.2], 'dye camellias and a heather strip', {
		acidLover: true
	})
];
