import type { System } from '../core/units';
import { formedActs } from '../input/small-acts/formed';

/** Words by what they stand for: acts by their verb, fields by their name. */
export type Names = Readonly<Record<string, string>>;

/** What is wrong and how it would be right, by the code of a complaint. */
export type Complaints = Readonly<
	Record<
		string,
		(facts: Readonly<Record<string, string | number>>, system: System | undefined) => string
	>
>;

const gathered = <Words extends Names | Complaints>(found: Record<string, Words>): Words =>
	Object.assign({}, ...Object.values(found)) as Words;

// Each apart, so that a page which names acts does not carry every complaint.

/** What was done, by the verb of its act: of every room in a file of `rooms/`. */
export const verbWords = gathered({
	...import.meta.glob<Names>('./rooms/*.ts', { eager: true, import: 'acts' }),
	small: Object.fromEntries(formedActs.map(({ verb, did }) => [verb, did]))
});

/** Names of form fields, for what was typed in an act. */
export const fieldWords = gathered<Names>({
	every: { happenedAt: 'when', line: 'the line', firstDay: 'from', lastDay: 'to', way: 'read by' },
	small: Object.fromEntries(
		formedActs.flatMap(({ fields }) => fields.map(({ name, said }) => [name, said]))
	),
	...import.meta.glob<Names>('./rooms/*.ts', { eager: true, import: 'fields' })
});

/** What the rooms complain of. */
export const roomComplaints = gathered(
	import.meta.glob<Complaints>('./rooms/*.ts', { eager: true, import: 'complaints' })
);
