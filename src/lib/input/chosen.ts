import { isRecipe, type StuffIn } from '../core/brews';
import { isMaterial } from '../core/materials';

/** A choice as a form sends it: `castings`, or of a lot `lot:B2:kept-culture`. */
export function choiceOfLot(chosen: string): { readonly lot?: string; readonly stuff: string } {
	const lot = /^lot:([MB]\d{1,7}):(.+)$/.exec(chosen);
	return lot ? { lot: lot[1]!, stuff: lot[2]! } : { stuff: chosen };
}

/** What was chosen for a brew; undefined where it is no stuff. */
export function chosenStuffIn(chosen: string): StuffIn | undefined {
	const { stuff, lot } = choiceOfLot(chosen);
	if (!isMaterial(stuff) && !isRecipe(stuff)) return undefined;
	return { stuff, ...(lot ? { lot } : {}) };
}

/** The same as a form sends it. */
export const choiceText = ({ stuff, lot }: { stuff: string; lot?: string | undefined }): string =>
	lot === undefined ? stuff : `lot:${lot}:${stuff}`;

/** Whether an amount says that none of it goes in. */
export const isNone = (typed: string): boolean => /^0+([.,]0*)?$/.test(typed.trim());
