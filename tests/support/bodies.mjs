/**
 * Bodies under 8 MB that a server must refuse, of the shapes that cost most: too many values, too deep, right but for
 * the last entry, names that objects answer to. Each is the path it goes to and its text.
 */

const MB = 1024 * 1024;
/** As many of a text as fit into a body, between a beginning and an end. */
const filled = (before, one, after, most = 7.9 * MB) => {
	const times = Math.floor((most - before.length - after.length) / (one.length + 1));
	return before + Array.from({ length: times }, () => one).join(',') + after;
};
const plan = (fields) => `{"format":"kammer-plan","version":2,"name":"x",${fields}}`;
const cut = (text, at) => [text.slice(0, text.indexOf(at)), text.slice(text.indexOf(at) + at.length)];

/**
 * @param {object} right a plan with at least one holder
 * @returns {{ name: string, method: string, path: string, body: string }[]}
 */
export function heavyBodies(right) {
	const [beforeList, afterList] = cut(plan('"wall":{},"cutting":{},"rows":[HERE],"holders":[]'), 'HERE');
	const [beforeHolders, afterHolders] = cut(plan('"wall":{},"cutting":{},"rows":[],"holders":[HERE]'), 'HERE');
	const holder = right.holders[0];
	const many = Array.from({ length: 5000 }, (_, i) => ({ ...holder, id: `h${i}` }));
	many[4999] = { ...many[4999], mount: { ...holder.mount, x: 'x' } };
	const change = JSON.stringify({ list: 'things', id: 'a', item: {} });
	const lengths = filled(
		'{"revision":1,"changes":[{"list":"tools","id":"a","item":{"id":"a","kind":"table-saw","name":"","notes":"","limits":{"lengths":[',
		'1',
		']}}}]}'
	);
	const posts = {
		'zeros for rows': filled(beforeList, '0', afterList),
		'a little of empty holders': filled(beforeHolders, '{}', afterHolders, 149_000),
		'empty holders': filled(beforeHolders, '{}', afterHolders),
		'holders that are empty lists': filled(beforeHolders, '[]', afterHolders),
		'right holders but for the last': JSON.stringify({ ...right, holders: many }),
		'holders in no row': JSON.stringify({
			...right,
			holders: many.slice(0, 4999).map((h) => ({ ...h, mount: { ...h.mount, row: 'none' } }))
		}),
		'names that mean nothing': plan(Array.from({ length: 300_000 }, (_, i) => `"n${i}":${i}`).join(',')),
		'the same in every row': filled(
			beforeList,
			`{${Array.from({ length: 60 }, (_, i) => `"n${i}":0`).join(',')}}`,
			afterList
		),
		depth: `${'['.repeat(3.9 * MB)}${']'.repeat(3.9 * MB)}`,
		'depth by names': `${'{"a":'.repeat(1.3 * MB)}0${'}'.repeat(1.3 * MB)}`,
		'one long name': plan(`"wall":"${'x'.repeat(7.9 * MB)}"`),
		'a list where text should be': filled('{"format":[', '"kammer-plan"', ']}'),
		'a list of lists': filled('[', '[0]', ']'),
		'texts with half a character': filled(beforeList, '"\\ud83e"', afterList),
		toString: '{"toString":1}',
		'toString as a kind': JSON.stringify({
			...right,
			holders: [
				{
					...holder,
					carriers: [
						{ ...holder.carriers[0], params: { ...holder.carriers[0].params, spacing: { kind: { toString: 1 } } } }
					]
				}
			]
		}),
		valueOf: plan('"wall":{"width":{"valueOf":1}},"rows":[],"holders":[],"cutting":{}'),
		null: 'null'
	};
	return [
		...Object.entries(posts).flatMap(([name, body]) =>
			['/api/plans', '/api/check'].map((path) => ({ name: `${name}, ${path}`, method: 'POST', path, body }))
		),
		{
			name: 'empty changes',
			method: 'PATCH',
			path: '/api/shops/main',
			body: filled('{"revision":1,"changes":[', change, ']}')
		},
		{
			name: 'zeros for changes',
			method: 'PATCH',
			path: '/api/shops/main',
			body: filled('{"revision":1,"changes":[', '0', ']}')
		},
		{ name: 'lengths of a tool', method: 'PATCH', path: '/api/shops/main', body: lengths },
		{ name: 'supports of a shelf', method: 'POST', path: '/api/sums/shelf', body: filled('{"supports":[', '1', ']}') },
		{ name: 'toString in a sum', method: 'POST', path: '/api/sums/shelf', body: '{"material":{"toString":1}}' },
		{
			name: 'labels',
			method: 'POST',
			path: '/api/labels',
			body: filled('{"labels":[', '{}', '],"layout":"letter-30","skip":0}')
		},
		{ name: 'a list for a workshop', method: 'POST', path: '/api/shops', body: filled('{"name":[', '0', ']}') },
		{
			name: 'a list for a revision',
			method: 'PUT',
			path: '/api/plans/none',
			body: filled('{"revision":[', '0', '],"plan":{}}')
		}
	];
}
