import { carbonOf } from '../core/heaps';
import { isMaterial, materialOf } from '../core/materials';

/** How a stuff looks in a section. */
const looks: Readonly<Record<string, string>> = {
	char: '--char',
	grass: '--moss',
	weeds: '--moss',
	straw: '--straw',
	'autumn-leaves': '--wood-dark',
	'wood-chips': '--wood',
	cardboard: '--wood'
};

/** Name and colour of what was laid. */
export function layerOf(material: string): { readonly name: string; readonly look: string } {
	if (!isMaterial(material))
		return {
			name: material === 'char' ? 'char' : 'another batch',
			look: looks[material] ?? '--subsoil'
		};
	const { name, sort } = materialOf(material);
	const look =
		looks[material] ??
		(sort === 'ash' ? '--ash' : carbonOf(material)?.side === 'green' ? '--moss-light' : '--soil');
	return { name, look };
}
