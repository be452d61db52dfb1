import { z } from 'zod';
import { isRecipe, type Phase, type RecipeId } from '../../core/brews';
import { groupBy } from './group';
import { jsonOf } from './json';
import type { Db } from './open';
import { idNamed, inUse, mergedInto, type Things } from './things';
import { writing } from './writing';

/** Set by hand: before the others, or after them. */
export const priorities = ['first', 'usual', 'last'] as const;
export type Priority = (typeof priorities)[number];

/** A round that was walked: the day it was due, and when. */
export interface WalkedRound {
	readonly due: string;
	readonly at_ms: number;
}

/** A programme as it was set. */
export interface Programme {
	readonly name: string;
	readonly recipe: RecipeId;
	readonly phases: readonly Phase[];
	/** Parts of water to one of brew. */
	readonly parts: number;
	readonly onto: 'soil' | 'leaves';
	/** Beds, each with the litres it gets diluted. */
	readonly stops: readonly { readonly bed: string; readonly total_l: number }[];
	/** What its brews are expected to stand at, °C. */
	readonly temperature_c: number;
	/** Which of several gets a brew first; those of one rank by their day. */
	readonly priority?: Priority;
}

export const readSet = jsonOf<Omit<Programme, 'name'>>(
	z.looseObject({
		recipe: z.string().refine(isRecipe, { error: 'there is no such recipe' }),
		phases: z.array(z.looseObject({})),
		parts: z.number(),
		onto: z.enum(['soil', 'leaves']),
		stops: z.array(z.looseObject({ bed: z.string(), total_l: z.number() })),
		temperature_c: z.number(),
		priority: z.enum(priorities).optional()
	})
);

/** Programmes of waterings: things that are told anew, and end. */
export function programmeStore(db: Db, things: Things) {
	const rounds = db.prepare<{ name: string }, WalkedRound>(
		`SELECT s.due, min(a.happened_at_ms) AS at_ms FROM programme_stop s JOIN standing_act a ON a.id = s.act_id
		 WHERE s.programme_id IN ${mergedInto(idNamed('programme'))} GROUP BY s.due ORDER BY s.due`
	);
	const allRounds = db.prepare<[], { programmeId: number; due: string; at_ms: number }>(
		`SELECT t.id AS programmeId, s.due, min(a.happened_at_ms) AS at_ms
		 FROM thing t CROSS JOIN programme_stop s ON s.programme_id IN ${mergedInto('t.id')} CROSS JOIN standing_act a ON a.id = s.act_id
		 WHERE t.kind = 'programme' AND ${inUse('t')} GROUP BY t.id, s.due ORDER BY s.due`
	);
	const insertStop = writing(
		db,
		'INSERT INTO programme_stop (act_id, programme_id, due) VALUES (@actId, @programmeId, @due)'
	);
	const standing = (): Programme[] =>
		things.versioned('programme', readSet).map(({ name, told }) => ({ ...told, name }));
	const idOf = (name: string): number | undefined => things.inUse('programme', name)?.id;
	return {
		/** Those that have not ended, the oldest first. */
		standing,
		maybeOne: (name: string): Programme | null =>
			standing().find((one) => one.name === name) ?? null,
		/** The same with the ids that their rounds and findings are kept under. */
		running: (): (Programme & { readonly id: number })[] =>
			things.versioned('programme', readSet).map(({ id, name, told }) => ({ ...told, name, id })),
		/** Rounds that were walked of each that has not ended, by its id. */
		roundsOfRunning: (): ReadonlyMap<number, readonly WalkedRound[]> =>
			groupBy(
				allRounds.all(),
				({ programmeId }) => programmeId,
				({ due, at_ms }) => ({ due, at_ms })
			),
		/** Rounds that were walked, by the day they were due. */
		rounds: (name: string): WalkedRound[] => rounds.all({ name }),
		insert: (actId: string, { name, ...set }: Programme): void => {
			const id = idOf(name) ?? things.insert(actId, 'programme', name);
			things.insertVersion(actId, id, set);
		},
		/** What its findings are kept under. */
		idOf,
		end: (actId: string, name: string): void => {
			const id = idOf(name);
			if (id !== undefined) things.insertEnd(actId, id);
		},
		insertStop: (stop: { actId: string; programme: string; due: string }): void => {
			insertStop.run({ ...stop, programmeId: idOf(stop.programme) });
		}
	};
}
