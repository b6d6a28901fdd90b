/** The package's own types, for the one of its files that Node can read. */
declare module 'maxrects-packer/dist/maxrects-packer.mjs' {
	export { MaxRectsPacker, PACKING_LOGIC } from 'maxrects-packer';
}
