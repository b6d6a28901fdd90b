import type { Millimetres, NewtonMillimetres } from '../../units/quantity';

/** A turning moment spread evenly along the cleat from `from` to `to`. */
export interface LineTorque {
	from: Millimetres;
	to: Millimetres;
	total: NewtonMillimetres;
}

/** Torque that arrives at each stud from its left and from its right, one after the other. */
function arrivingAt(supports: readonly Millimetres[], torques: readonly LineTorque[]): NewtonMillimetres[] {
	const n = supports.length;
	const arriving = new Array<number>(2 * n).fill(0);
	const give = (stud: number, side: 0 | 1, torque: number) => {
		arriving[2 * stud + side] = (arriving[2 * stud + side] as number) + torque;
	};
	for (const t of torques) {
		const length = t.to - t.from;
		for (let k = -1; k < n; k++) {
			const a = Math.max(t.from, k < 0 ? -Infinity : (supports[k] as number));
			const b = Math.min(t.to, k === n - 1 ? Infinity : (supports[k + 1] as number));
			const inside = length > 0 ? b > a : b === a && (k === n - 1 || t.from !== supports[k + 1]);
			if (!inside) continue;
			const part = length > 0 ? (t.total * (b - a)) / length : t.total;
			if (k < 0) give(0, 0, part);
			else if (k === n - 1) give(n - 1, 1, part);
			else {
				const [x0, x1] = [supports[k] as number, supports[k + 1] as number];
				const right = (part * ((a + b) / 2 - x0)) / (x1 - x0);
				give(k, 1, part - right);
				give(k + 1, 0, right);
			}
		}
	}
	return arriving;
}

/**
 * Roll of the cleat carried along it as torsion to the neighbouring studs by the lever rule; beyond the last stud all
 * of it goes to that stud. Each roll may be spread in one of several ways: whichever asks most of a stud counts.
 * @param supports ascending stud positions, at least one
 * @param rolls ways to spread each
 * @returns the share of each stud, and the greatest torque in the cleat between them
 * @example torqueShares([0, 100], [[[{ from: 25, to: 25, total: 8 }]]]).shares // [6, 2]
 */
export function torqueShares(
	supports: readonly Millimetres[],
	rolls: readonly (readonly (readonly LineTorque[])[])[]
): { shares: NewtonMillimetres[]; greatest: NewtonMillimetres } {
	const n = supports.length;
	const shares = new Array<number>(n).fill(0);
	const arriving = new Array<number>(2 * n).fill(0);
	for (const ways of rolls) {
		const each = ways.filter((w) => w.length > 0).map((w) => arrivingAt(supports, w));
		for (let i = 0; i < n; i++) {
			let [most, left, right] = [0, 0, 0];
			for (const a of each) {
				const [l, r] = [a[2 * i] as number, a[2 * i + 1] as number];
				most = Math.max(most, l + r);
				left = Math.max(left, l);
				right = Math.max(right, r);
			}
			shares[i] = (shares[i] as number) + most;
			arriving[2 * i] = (arriving[2 * i] as number) + left;
			arriving[2 * i + 1] = (arriving[2 * i + 1] as number) + right;
		}
	}
	return { shares, greatest: Math.max(0, ...arriving) };
}
