import { deviceActId, doneNow, outbox, tellOthers } from '../../../device-outbox';
import type { Waiting } from '../../../outbox.svelte';

/** What a form of this page is kept under while it waits. */
export type KeptAs = Pick<Waiting, 'says'> &
	Partial<Pick<Waiting, 'about' | 'restsOn' | 'mend' | 'shows'>>;

/**
 * Keep an act on this device and send it: shown at once, whether there is a connection or not.
 * @param how.ago_ms it was done so long ago
 */
export async function keepAct(
	action: string,
	values: Readonly<Record<string, string>>,
	as: KeptAs,
	{ actId = deviceActId(), ago_ms = 0 }: { readonly actId?: string; readonly ago_ms?: number } = {}
): Promise<boolean> {
	const isKept = await outbox.keep({
		actId,
		action,
		values,
		momentIn: 'doneAt',
		...doneNow(ago_ms),
		...as
	});
	tellOthers();
	return isKept;
}

/** Fields of a form as they stand, with the button that sent it. */
export function valuesIn(form: HTMLFormElement, submitter?: HTMLElement | null) {
	const data = new FormData(form, submitter instanceof HTMLButtonElement ? submitter : null);
	const values: Record<string, string> = {};
	for (const [name, value] of data)
		if (typeof value === 'string' && name !== 'actId')
			values[name] = values[name] === undefined ? value : `${values[name]}\n${value}`;
	return values;
}
