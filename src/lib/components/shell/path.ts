import Axe from '@lucide/svelte/icons/axe';
import Droplets from '@lucide/svelte/icons/droplets';
import FlaskRound from '@lucide/svelte/icons/flask-round';
import Flame from '@lucide/svelte/icons/flame';
import House from '@lucide/svelte/icons/house';
import Sprout from '@lucide/svelte/icons/sprout';
import type { Component } from 'svelte';

export interface PathRoom {
	readonly href: string;
	readonly name: string;
	readonly icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
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
	{ href: '/', name: 'Today', icon: House as PathRoom['icon'], key: 't', onBar: true },
	{
		href: '/woodyard',
		name: 'Woodyard',
		icon: Axe as PathRoom['icon'],
		key: 'w',
		opens: true
	},
	{
		href: '/fires',
		name: 'Fires',
		icon: Flame as PathRoom['icon'],
		key: 'f',
		also: ['/vessels'],
		onBar: true
	},
	{
		href: '/charging',
		name: 'Charging',
		icon: Droplets as PathRoom['icon'],
		key: 'c',
		also: ['/char', '/stock'],
		onBar: true
	},
	{
		href: '/brews',
		name: 'Brews',
		icon: FlaskRound as PathRoom['icon'],
		key: 'r',
		also: ['/programmes'],
		opens: true
	},
	{
		href: '/beds',
		name: 'Beds',
		icon: Sprout as PathRoom['icon'],
		key: 'b',
		opens: true,
		onBar: true
	}
];

/** The room that a page belongs to. */
export const roomOf = (here: string): PathRoom | undefined =>
	path.find(({ href, also = [] }) =>
		href === '/'
			? here === '/'
			: [href, ...also].some((start) => here === start || here.startsWith(`${start}/`))
	);
