import { getContext, setContext } from 'svelte';

const key = Symbol('opened');

/** Said once by the frame: which fold the address asks to be open. */
export const beginFolds = (opened: () => string | null): (() => string | null) =>
	setContext(key, opened);

/** The fold that the address asks for, where it asks for one. */
export const openedHere = (): (() => string | null) =>
	getContext<(() => string | null) | undefined>(key) ?? (() => null);

/** Attached to a fold: told once it is opened, though that was before the script was there. */
export const whenOpened = (then: () => void) => (fold: HTMLDetailsElement) => {
	const look = () => {
		if (fold.open) then();
	};
	look();
	fold.addEventListener('toggle', look);
	return () => fold.removeEventListener('toggle', look);
};
