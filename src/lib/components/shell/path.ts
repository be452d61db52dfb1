import {
	Axe,
	Beaker,
	CalendarRange,
	Droplets,
	Flame,
	FlaskRound,
	House,
	Layers,
	Scale,
	Sprout,
	type IconNode
} from 'lucide';

export interface PathRoom {
	readonly href: string;
	readonly name: string;
	readonly icon: IconNode;
	/** After `g`, the key that goes there. */
	readonly key: string;
	/** Pages elsewhere that belong to it. */
	readonly also?: readonly string[];
	/** A gap stands before it on the rail. */
	readonly opens?: boolean;
	/** It has a place on the phone's bar. */
	readonly onBar?: boolean;
}

/** The path: rooms in the order of the work. A room that is built stands here, and nowhere else. */
export const path: readonly PathRoom[] = [
	{ href: '/', name: 'Today', icon: House, key: 't', onBar: true },
	{
		href: '/woodyard',
		name: 'Woodyard',
		icon: Axe,
		key: 'w',
		opens: true
	},
	{
		href: '/fires',
		name: 'Fires',
		icon: Flame,
		key: 'f',
		also: ['/vessels'],
		onBar: true
	},
	{
		href: '/charging',
		name: 'Charging',
		icon: Droplets,
		key: 'c',
		also: ['/char', '/stock'],
		onBar: true
	},
	{
		href: '/brews',
		name: 'Brews',
		icon: FlaskRound,
		key: 'r',
		also: ['/programmes'],
		opens: true
	},
	{
		href: '/heaps',
		name: 'Heaps',
		icon: Layers,
		key: 'h'
	},
	{
		href: '/mixes',
		name: 'Mixes',
		icon: Scale,
		key: 'x',
		also: ['/fate']
	},
	{
		href: '/beds',
		name: 'Beds',
		icon: Sprout,
		key: 'b',
		opens: true,
		onBar: true
	},
	{
		href: '/trials',
		name: 'Trials',
		icon: Beaker,
		key: 'i',
		also: ['/advice']
	},
	{
		href: '/season',
		name: 'Season',
		icon: CalendarRange,
		key: 'y',
		also: ['/worth', '/carbon', '/yields']
	}
];

/** The room that a page belongs to. */
export const roomOf = (here: string): PathRoom | undefined =>
	path.find(({ href, also = [] }) =>
		href === '/'
			? here === '/'
			: [href, ...also].some((start) => here === start || here.startsWith(`${start}/`))
	);
