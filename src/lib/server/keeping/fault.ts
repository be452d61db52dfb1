/** Where books break their own laws, for a program to look at and in words for a person. */
export interface Fault {
	readonly law:
		| 'acts-closed'
		| 'nothing-below-nought'
		| 'sums-kept'
		| 'as-written'
		| 'kinds-known'
		| 'zone-known'
		| 'rows-read'
		| 'threads-kept';
	readonly says: string;
	readonly facts: Readonly<Record<string, unknown>>;
}
