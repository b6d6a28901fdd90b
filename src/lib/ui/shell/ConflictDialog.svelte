<script lang="ts">
	import { Button, Modal } from 'flowbite-svelte';
	import type { Plan } from '$core/plan/types';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';

	let { open }: { open: OpenPlan } = $props();

	let busy = $state(false);
	let failed = $state(false);
	const describe = (p: Plan) => `${p.rows.length} rows, ${p.holders.length} holders, ${p.wall.studs.length} studs`;

	async function settle(stays: 'mine' | 'theirs') {
		busy = true;
		failed = !(await open.settle(stays));
		busy = false;
	}
</script>

{#if open.theirs}
	<Modal open title="This wall was changed elsewhere" dismissable={false} outsideclose={false} size="sm">
		<p>
			Two versions stand against each other. Neither is lost: one stays this wall, the other becomes a wall of its own.
		</p>
		<ul class="mt-3 grid gap-2">
			<li><b>Here:</b> {open.plan.name}, {describe(open.plan)}</li>
			<li>
				<b>Elsewhere,</b>
				{new Date(open.theirs.updatedAt).toLocaleString()}: {open.theirs.plan.name}, {describe(open.theirs.plan)}
			</li>
		</ul>
		<div class="mt-4 flex flex-wrap gap-2">
			<Button disabled={busy} onclick={() => settle('mine')}>Mine stays; copy theirs</Button>
			<Button disabled={busy} color="alternative" onclick={() => settle('theirs')}>Theirs stays; copy mine</Button>
		</div>
		{#if failed}<p class="error" role="alert">
				The copy could not be made just now. Both versions are still here; try again.
			</p>{/if}
	</Modal>
{/if}
