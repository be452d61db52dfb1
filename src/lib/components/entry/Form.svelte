<script lang="ts" generics="Name extends string">
	import type { Snippet } from 'svelte';
	import type { HTMLFormAttributes } from 'svelte/elements';
	import { withLater } from '$lib/core/units';
	import type { Limit } from '$lib/input/limits';
	import { beginForm, type Sent } from './form-here';
	/**
	 * The form of one act. The fields in it learn from here what was typed or is known, what is wrong
	 * with it, and between what it must lie: they are given a name and a label only.
	 */
	let {
		name,
		sent,
		known = {},
		limits = {},
		method = 'post',
		keep = '',
		children,
		...rest
	}: {
		/** The name of the act on its page. */
		name: NoInfer<Name>;
		/** What came back of the form sent last, of whichever form of the page. */
		sent: Sent<Name> | null | undefined;
		/** What the fields hold before anything is typed. */
		known?: Readonly<Record<string, string>>;
		limits?: Readonly<Record<string, Limit>>;
		/** A form that is worked out as one types asks by `get`; its button posts. */
		method?: 'post' | 'get';
		/** What of the page's address is sent along: `&measure=height`. */
		keep?: string;
		children: Snippet;
	} & Omit<HTMLFormAttributes, 'name' | 'method' | 'action'> = $props();
	const mine = $derived(sent?.form === name ? sent : undefined);
	beginForm(
		withLater(
			{},
			{
				action: () => `?/${name}${keep}`,
				values: () => mine?.values ?? known,
				errors: () => mine?.errors ?? {},
				limits: () => limits
			}
		)
	);
</script>

<form {method} action={method === 'post' ? `?/${name}${keep}` : undefined} {...rest}>
	{@render children()}
</form>
