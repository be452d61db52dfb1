const finding = Symbol('finding');

type Finding = { readonly [finding]: Readonly<Record<string, () => unknown>> };

/** One getter for all objects that have a part of that name. */
const getters = new Map<string, PropertyDescriptor & ThisType<Finding>>();

function getterOf(name: string): PropertyDescriptor {
	const known = getters.get(name);
	if (known) return known;
	const getter: PropertyDescriptor & ThisType<Finding> = {
		enumerable: true,
		get() {
			return this[finding][name]!();
		}
	};
	getters.set(name, getter);
	return getter;
}

/**
 * An object with parts that are found when they are looked at; a copy by `...` has them all found. Written
 * as `get part() {…}` in a literal each object would have getters of its own, and what those hold stays in
 * memory until the whole heap is swept (V8 keeps a pair of accessors in its old space from the start).
 * @param plain the parts that are known, which is what becomes the object
 * @param parts how each of the others is found, asked anew at each look
 * @example withLater({ name: 'char' }, { litres: once(() => add(loads)) }).litres
 */
export function withLater<const T extends object, Parts extends Record<string, unknown>>(
	plain: T,
	parts: { readonly [Part in keyof Parts]: () => Parts[Part] }
): T & { readonly [Part in keyof Parts]: Parts[Part] } {
	Object.defineProperty(plain, finding, { value: parts });
	for (const name of Object.keys(parts)) Object.defineProperty(plain, name, getterOf(name));
	return plain as T & { readonly [Part in keyof Parts]: Parts[Part] };
}

/** What finds its answer at the first call and keeps it. */
export function once<T>(find: () => T): () => T {
	let known: { readonly answer: T } | undefined;
	return () => (known ??= { answer: find() }).answer;
}
