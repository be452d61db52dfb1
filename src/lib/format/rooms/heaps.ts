import { say } from '../figure';
import type { Complaints, Names } from '../room-words';

export const acts: Names = {
	heap: 'laid',
	'heap-add': 'added to',
	'lift-heap': 'lifted'
};

export const fields: Names = {
	heapWay: 'kept as',
	across: 'across',
	heapLength: 'length',
	heapWidth: 'width',
	heapDepth: 'depth',
	tough: 'tough leaves',
	shredded: 'shredded',
	street: 'of a street',
	covered: 'covered',
	acidLovers: 'for acid lovers',
	urineAge: 'urine',
	under: 'below it',
	timber: 'boards',
	stretch: 'a stretch',
	taken: 'of the heap',
	lifted: 'measured out',
	coarse: 'would not go through',
	liftedWeight: 'weight',
	liftedName: 'called',
	...Object.fromEntries(
		[1, 2, 3, 4, 5, 6, 7, 8].flatMap((row) => [
			[`stuff${row}`, `stuff ${row}`],
			[`part${row}`, `amount ${row}`]
		])
	)
};

export const complaints: Complaints = {
	'no-heap': ({ code }) => `${code} is no heap.`,
	'no-heap-stuff': ({ code }) => `${code} is nothing for a heap.`,
	'ash-as-lot': () => 'Bring the ash in first: where it comes from decides whether it may.',
	'more-than-lay': ({ litres }, system) =>
		`That is more than lay there: ${say(Number(litres), 'L', system)} at most, and most heaps come to half.`,
	'no-path': ({ code }) => `${code} has no length in the books: say how much of it instead.`,
	'past-path': ({ length_m }, system) =>
		`That is longer than it is: ${say(Number(length_m), 'm', system)}.`,
	'line-heap': ({ words }) =>
		`“${words}” was not read. Say the corner, then each amount before its stuff: heap Kiln yard 3 barrows straw 2 barrows grass.`
};
