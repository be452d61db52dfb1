import type { Day, Step } from './model';
import { Pool, type Use } from './pool';

/**
 * What is placed whole. A charge is lit, burnt and capped without a minute between, so that no cap comes late; it is
 * filled before, and may stand filled; a tip follows once its barrel is cold. Each barrel has its tasks in order.
 */
export interface Task {
	readonly barrel: number;
	readonly round: number;
	readonly is: 'fill' | 'charge' | 'tip';
	/** The task of the same barrel before it. */
	readonly after: number | undefined;
}

/** The tasks of a day, barrel by barrel, each round in turn. */
export function tasksOf({ barrels }: Day): readonly Task[] {
	const tasks: Task[] = [];
	for (const [barrel, { rounds, state }] of barrels.entries()) {
		let after: number | undefined;
		const add = (round: number, is: Task['is']) => {
			tasks.push({ barrel, round, is, after });
			after = tasks.length - 1;
		};
		const inFire = state !== undefined && state.is !== 'empty';
		for (let round = 0; round < rounds + (inFire ? 1 : 0); round += 1) {
			// A barrel that burns or cools already wants its tip only, and before that its cap.
			const isIn = inFire && round === 0;
			if (!isIn) add(round, 'fill');
			if (!(isIn && state.is === 'cooling')) add(round, 'charge');
			add(round, 'tip');
		}
	}
	return tasks;
}

export interface TaskPlaced {
	readonly steps: readonly Step[];
	readonly end: number;
	/** Minutes that cold barrels wait for their tip. */
	readonly waiting: number;
	/** Minutes that caps come late: only of barrels that burnt when the plan began. */
	readonly late: number;
}

/** A day as it fills up: who and what is taken, and when each task is through. */
class Placing {
	readonly hands: Pool;
	readonly burners: Pool;
	readonly hoses: Pool;
	readonly steps: Step[] = [];
	readonly through = new Map<number, number>();
	end = 0;
	waiting = 0;
	late = 0;

	constructor(
		readonly day: Day,
		readonly tasks: readonly Task[]
	) {
		this.hands = new Pool(day.hands);
		for (const { from, to, hands } of day.away ?? [])
			for (let one = 0; one < hands; one += 1) this.hands.take({ from, to });
		this.burners = new Pool(day.burners);
		this.hoses = new Pool(day.hoses);
	}

	/** When its barrel is there for a task. */
	#ready({ after, barrel }: Task): number {
		const { state } = this.day.barrels[barrel]!;
		if (after !== undefined) return this.through.get(after) ?? 0;
		return state === undefined ? 0 : state.is === 'empty' ? state.from : state.until;
	}

	#add(task: Task, stage: Step['stage'], use: Use): void {
		const barrel = this.day.barrels[task.barrel]!.name;
		this.steps.push({ barrel, round: task.round, stage, from: use.from, to: use.to });
	}

	tip(id: number): void {
		const { hands, hoses, day } = this;
		const task = this.tasks[id]!;
		const cold = this.#ready(task);
		const span = (at: number) => ({ from: at, to: at + day.times.tip });
		const from = earliest(cold, [hands, hoses], (at) =>
			[hands, hoses].every((pool) => pool.isFree(span(at)))
		);
		const use = span(from);
		hands.take(use);
		hoses.take(use);
		this.#add(task, 'tip', use);
		this.through.set(id, use.to);
		this.waiting += from - cold;
		this.end = Math.max(this.end, use.to);
	}

	fill(id: number): void {
		const task = this.tasks[id]!;
		const span = (from: number) => ({ from, to: from + this.day.times.fill });
		const use = span(
			earliest(this.#ready(task), [this.hands], (from) => this.hands.isFree(span(from)))
		);
		this.hands.take(use);
		this.#add(task, 'fill', use);
		this.through.set(id, use.to);
	}

	/** @param skip places passed over: now and then waiting lets the others end sooner */
	charge(id: number, skip: number): void {
		const { hands, burners, day } = this;
		const { times } = day;
		const task = this.tasks[id]!;
		const burn = day.barrels[task.barrel]!.burn ?? times.burn;
		const burnt = times.light + burn;
		const against = [0, burnt];
		const offsets = skip > 0 ? [...against, times.light, burnt + times.cap] : against;
		const at = earliest(
			this.#ready(task),
			[hands, burners],
			(from) => {
				const { light, cap, fire } = spansOf(from, burn, times);
				return hands.isFree(light) && hands.isFree(cap) && burners.isFree(fire);
			},
			offsets,
			skip
		);
		const { light, cap, fire } = spansOf(at, burn, times);
		hands.take(light);
		burners.take(fire);
		this.#add(task, 'light', light);
		this.#add(task, 'burn', { from: light.to, to: cap.from });
		this.#cap(id, cap);
	}

	/** A barrel that burnt when the plan began: its cap comes as soon as a hand is free. */
	capLit(id: number): void {
		const task = this.tasks[id]!;
		const until = this.#ready(task);
		const { cap: minutes } = this.day.times;
		const from = earliest(until, [this.hands], (at) =>
			this.hands.isFree({ from: at, to: at + minutes })
		);
		const cap = { from, to: from + minutes };
		this.late += from - until;
		this.burners.take({ from: 0, to: cap.to });
		this.#add(task, 'burn', { from: 0, to: from });
		this.#cap(id, cap);
	}

	#cap(id: number, cap: Use): void {
		const task = this.tasks[id]!;
		const cold = cap.to + this.day.times.cool;
		this.hands.take(cap);
		this.#add(task, 'cap', cap);
		this.#add(task, 'cool', { from: cap.to, to: cold });
		this.through.set(id, cold);
	}
}

/** Whether a task is the cap of a barrel that burnt when the plan began. */
export const isLit = ({ barrels }: Day, { barrel, round, is }: Task): boolean =>
	is === 'charge' && round === 0 && barrels[barrel]?.state?.is === 'burning';

/**
 * Place tasks one by one, each as early as its barrel, hands, burner and hose allow, in the order given; what
 * burns already is capped before anything else, the first that is through first.
 */
export function place(
	day: Day,
	tasks: readonly Task[],
	order: readonly number[],
	skips: readonly number[] = []
): TaskPlaced {
	const placing = new Placing(day, tasks);
	const until = (id: number) => {
		const state = day.barrels[tasks[id]!.barrel]?.state;
		return state?.is === 'burning' ? state.until : 0;
	};
	const lit = order.filter((id) => isLit(day, tasks[id]!)).sort((a, b) => until(a) - until(b));
	for (const id of lit) placing.capLit(id);
	for (const id of order) {
		const task = tasks[id]!;
		if (task.is === 'tip') placing.tip(id);
		else if (task.is === 'fill') placing.fill(id);
		else if (!isLit(day, task)) placing.charge(id, skips[id] ?? 0);
	}
	const { steps, end, waiting, late } = placing;
	return { steps, end, waiting, late };
}

function spansOf(at: number, burn: number, times: Day['times']) {
	const light = { from: at, to: at + times.light };
	const cap = { from: light.to + burn, to: light.to + burn + times.cap };
	return { light, cap, fire: { from: at, to: cap.to } };
}

/**
 * The first minute from which something fits, or a later one: from the beginning, or laid against what
 * begins or ends, by each of its parts.
 */
function earliest(
	from: number,
	pools: readonly Pool[],
	fits: (at: number) => boolean,
	offsets: readonly number[] = [0],
	skip = 0
): number {
	if (skip === 0 && fits(from)) return from;
	const later = new Set<number>();
	for (const pool of pools)
		for (const edge of pool.edges(skip > 0))
			for (const offset of offsets) if (edge - offset > from) later.add(edge - offset);
	const candidates = [...later].sort((a, b) => a - b);
	const open: number[] = fits(from) ? [from] : [];
	for (const at of candidates) {
		if (open.length > skip) break;
		if (fits(at)) open.push(at);
	}
	// After all that is there, everything fits.
	return open.at(Math.min(skip, open.length - 1)) ?? Math.max(from, ...candidates);
}
