<script lang="ts">
	import { isOptional, type Column } from '$core/table/column';
	import { writeHere, type Editing, type TableCursor } from './table-cursor.svelte';

	/** The cell that is written in. What is wrong with it stands under it. */
	let { cursor, column, editing }: { cursor: TableCursor; column: Column; editing: Editing } = $props();

	const id = $props.id();
	// svelte-ignore state_referenced_locally
	const { begun } = editing;
</script>

<input
	use:writeHere={begun}
	type="text"
	aria-label={column.label}
	value={editing.text}
	aria-invalid={cursor.wrong ? 'true' : undefined}
	list={column.kind === 'choice' ? `${id}-choices` : undefined}
	oninput={(e) => (cursor.editing = { ...editing, text: e.currentTarget.value })}
	onkeydown={cursor.editKeyed}
	onblur={() => cursor.endEdit(true)}
/>
{#if column.kind === 'choice'}
	<datalist id="{id}-choices">
		{#each column.choices as x (x.value)}<option value={x.name}></option>{/each}
		{#if isOptional(column)}<option value="-"></option>{/if}
	</datalist>
{/if}
{#if cursor.wrong}<span class="wrong" role="alert">{cursor.wrong}</span>{/if}

<style>
	input {
		width: 100%;
		height: 33px;
		min-height: 33px !important;
		padding: 0 0.4rem;
	}
	.wrong {
		position: absolute;
		top: 34px;
		left: 0;
		z-index: 4;
		max-width: 320px;
		padding: 0.3rem 0.5rem;
		border: 1.5px solid var(--does-not-hold);
		background: var(--sheet);
		white-space: normal;
		font-weight: 600;
		font-size: 0.85rem;
		color: var(--does-not-hold);
	}
</style>
