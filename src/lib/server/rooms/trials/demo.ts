import { chanceOf, layOut, type Arm } from '../../../core/trials';
import type { PlanTrialInput } from '../../../input/trials';
import type { Diary, Moment } from '../../demo/diary';
import { goodsInStock } from '../../questions/in-stock';
import { lookAtStrip, lookAtUnit, loseUnit } from '../../usecases/trials/look-at';
import { planTrial } from '../../usecases/trials/plan-trial';
import { treatTrial } from '../../usecases/trials/treat-trial';
import { leaveStrip } from '../../usecases/trials/leave-strip';
import { endTrial } from '../../usecases/trials/run-trial';

const on = (daysAgo: number, by: Moment['by'] = 'Oda', hour = 9): Moment => ({
	daysAgo,
	hour,
	by
});

const arms: readonly Arm[] = [
	{ kind: 'nothing' },
	{ kind: 'raw', share: 5 },
	{ kind: 'charged', share: 5 },
	{ kind: 'charged', share: 10 }
];

const coreopsis: PlanTrialInput = {
	question: 'Does charged char bring more coreopsis?',
	unit: 'pot',
	arms,
	blocks: 6,
	order: 'drawn',
	seed: 4711,
	differs: 'sun to shade along the wall',
	isBlind: false,
	measures: ['harvest', 'height']
};

/** Dry flowers of a pot in g, and its height in cm: raw char takes, charged char gives, and pots differ. */
const gave = (arm: number) => ({
	harvest: [31, 27, 36, 38.5][arm] ?? 31,
	height: [44, 41, 48, 50][arm] ?? 44
});

/** A finished pot trial of which one pot was lost, one that runs, and strips that were looked at on four beds. */
export function growTrials(diary: Diary): void {
	const chance = chanceOf(11);
	const code = diary.enter(on(150), planTrial, { ...coreopsis, bed: 'Pots' });
	diary.enter(
		{ ...on(140), reason: 'the trial is to show what raw char and much char do' },
		treatTrial,
		{
			trial: code,
			gifts: [
				{ n: 0, lot: 'K7' },
				{ n: 1, lot: 'C2' },
				{ n: 2, lot: 'C2' }
			]
		}
	);
	const read = (daysAgo: number, measure: 'harvest' | 'height', spread: number) => {
		for (const { n, arm, block } of layOut(coreopsis)) {
			if (n === lostPot) continue;
			const value = gave(arm)[measure] - block * (measure === 'harvest' ? 0.9 : 1.2);
			diary.enter(on(daysAgo, 'Ines', 10), lookAtUnit, {
				trial: code,
				unit: n,
				measure,
				value: Math.round((value + spread * chance.normal()) * 10) / 10
			});
		}
	};
	diary.enter(on(120, 'Ines'), loseUnit, { trial: code, unit: lostPot, why: 'snails' });
	read(110, 'height', 2.4);
	read(62, 'harvest', 2.6);
	diary.enter(on(60), endTrial, { trial: code, why: 'all flowers are in and dried' });
	woadRuns(diary);
	// Left as it is since the last feed; it waits for its look.
	diary.enter(on(50, 'Bram', 15), leaveStrip, { bed: 'Middle 4', weeks: 7 });
	for (const [bed, daysAgo, untreated, treated] of strips)
		diary.enter(on(daysAgo, 'Bram', 16), lookAtStrip, {
			bed,
			measure: 'score',
			untreated,
			treated
		});
}

const lostPot = 14;
const strips = [
	['Middle 2', 172, 3, 4],
	['Mere 1', 171, 4, 4],
	['Upper 3', 170, 3, 3.5],
	['Middle 5', 70, 3, 4],
	['Middle 2', 68, 3.5, 4],
	['Mere 1', 66, 4, 3.5],
	['Upper 3', 64, 2.5, 4]
] as const;

/** Plots across a bed, sown nine days ago: what came up is counted by day. */
function woadRuns(diary: Diary): void {
	const woad: PlanTrialInput = {
		...coreopsis,
		question: 'Does woad come up sooner in charged char?',
		unit: 'plot',
		bed: 'Middle 1',
		arms: [{ kind: 'nothing' }, { kind: 'compost', share: 5 }, { kind: 'charged', share: 3 }],
		blocks: 4,
		seed: 29,
		measures: ['germinated'],
		differs: 'the near end to the far one'
	};
	const code = diary.enter(on(20), planTrial, woad);
	const compost = goodsInStock(diary.books).find(({ name }) => name === 'garden compost');
	diary.enter({ ...on(19), reason: 'the trial is to show it' }, treatTrial, {
		trial: code,
		gifts: [...(compost ? [{ n: 0, lot: compost.code }] : []), { n: 1, lot: 'C2' }]
	});
	for (const daysAgo of [13, 10, 8])
		for (const { n, arm } of layOut(woad))
			diary.enter(on(daysAgo, 'Ines', 9), lookAtUnit, {
				trial: code,
				unit: n,
				measure: 'germinated',
				value: Math.round(((15 - daysAgo) * (6 + arm)) / 4) + (n % 2)
			});
}

/** Planned, looked at once, and left. */
export function layTrial(diary: Diary, at: Moment, n: number): void {
	const trial = diary.enter(at, planTrial, {
		...coreopsis,
		question: `What char does in row ${n}`,
		seed: n
	});
	diary.enter(at, lookAtUnit, { trial, unit: 1, measure: 'height', value: 20 + (n % 9) });
}

/** A small trial a year, read once and ended, and a strip. */
export function workTrials(diary: Diary, years: number): void {
	for (let year = years; year > 0; year -= 1) {
		const plan: PlanTrialInput = {
			...coreopsis,
			question: `What char did in year ${year}`,
			arms: arms.slice(0, 3),
			blocks: 4,
			seed: year,
			measures: ['height']
		};
		const code = diary.enter(on(year * 365 - 90), planTrial, plan);
		for (const { n, arm } of layOut(plan))
			diary.enter(on(year * 365 - 150, 'Ines'), lookAtUnit, {
				trial: code,
				unit: n,
				measure: 'height',
				value: 30 + arm * 3 + (n % 5)
			});
		diary.enter(on(year * 365 - 151, 'Ines'), endTrial, { trial: code });
		const [bed] = diary.books.beds.names();
		if (bed)
			diary.enter(on(year * 365 - 152, 'Ines'), lookAtStrip, {
				bed,
				measure: 'score',
				untreated: 3,
				treated: 3 + (year % 3)
			});
	}
}
