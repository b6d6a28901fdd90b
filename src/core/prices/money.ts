/**
 * An amount of money as it is written on a bill.
 * @param currency what the shop calls it; empty where nobody has said
 * @example sayMoney(12.5, 'EUR') // '12.50 EUR'
 */
export function sayMoney(amount: number, currency: string): string {
	const [whole = '', cents = ''] = amount.toFixed(2).split('.');
	const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ' ');
	return `${grouped}.${cents}${currency ? ` ${currency}` : ''}`;
}
