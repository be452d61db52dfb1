import type { System } from '../core/units';

type Facts = Readonly<Record<string, string | number>>;

/** What a room says that central places only look up. */
export interface RoomWords {
	/** What was done, by the verb of its act. */
	readonly acts?: Readonly<Record<string, string>>;
	/** Names of its form fields, for what was typed in an act. */
	readonly fields?: Readonly<Record<string, string>>;
	/** What is wrong and how it would be right, by the code of a complaint. */
	readonly complaints?: Readonly<
		Record<string, (facts: Facts, system: System | undefined) => string>
	>;
}

const found = Object.values(
	import.meta.glob<RoomWords>('./rooms/*.ts', { eager: true, import: 'words' })
);

const gathered = <K extends keyof RoomWords>(what: K) =>
	Object.assign({}, ...found.map((words) => words[what] ?? {})) as NonNullable<RoomWords[K]>;

/** Of every room whose words stand in a file of `rooms/`. */
export const roomWords: Required<RoomWords> = {
	acts: gathered('acts'),
	fields: gathered('fields'),
	complaints: gathered('complaints')
};
