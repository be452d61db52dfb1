/** How much one wants poured: litres, litres to each square metre, plant or tree, or so many plants at the usual rate. */
export type WateringAsk =
	| { readonly by: 'all'; readonly litres: number }
	| { readonly by: 'each'; readonly litres: number }
	| { readonly by: 'plants'; readonly n: number };
