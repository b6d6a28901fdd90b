import { defineConfig } from 'vitest/config';
import { fileURLToPath } from 'node:url';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/**
 * The tests a mutant is held against: those of the core's own and the reference tests that look at whole plans, but for
 * the slow random ones.
 */
export default defineConfig({
	resolve: { alias: { $core: at('./src/core'), $exchange: at('./src/exchange'), $devices: at('./src/devices') } },
	test: {
		testTimeout: 120_000,
		include: [
			'src/core/{mechanics,verdict,members,carriers,mounts,holders,places,supports,checks}/**/*.test.ts',
			'src/core/cleats/**/*.test.ts',
			'src/core/arrange/**/*.test.ts',
			'src/core/survey/fit.test.ts',
			'tests/reference/{one-rack,plans-by-hand/*,statics,members,members-of-carriers,nds-fasteners,more-fasteners,sum-answers,second-solver,sums}.test.ts'
		]
	}
});
