import { getContext, setContext } from 'svelte';

/** What the address and the last sending say of everything that opens on a page. */
export interface Opening {
	/** The one the address asks for, by its name. */
	readonly opened: () => string | null;
	/** The page once more with this one open, whatever else it was asked for. */
	readonly hrefOf: (name: string) => string;
	/** What was sent without script came back with its page: a link would lose what was typed. */
	readonly isSentBack: () => boolean;
}

const key = Symbol('opened');
const closed: Opening = {
	opened: () => null,
	hrefOf: (name) => `?open=${name}#${name}`,
	isSentBack: () => false
};

/** Said once by the frame. */
export const beginFolds = (url: () => URL, isSentBack: () => boolean): Opening =>
	setContext(key, {
		opened: () => url().searchParams.get('open'),
		hrefOf: (name) => {
			const asked = new URLSearchParams(url().searchParams);
			asked.set('open', name);
			return `?${asked}#${name}`;
		},
		isSentBack
	});

export const openingHere = (): Opening => getContext<Opening | undefined>(key) ?? closed;

/** Attached to a fold: told once it is opened, though that was before the script was there. */
export const whenOpened = (then: () => void) => (fold: HTMLDetailsElement) => {
	const look = () => {
		if (fold.open) then();
	};
	look();
	fold.addEventListener('toggle', look);
	return () => fold.removeEventListener('toggle', look);
};
