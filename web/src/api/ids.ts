/** A version 7 UUID: when, then chance. Made here, so that a reading has its id before there is signal. */
export function newId(
  now = Date.now(),
  random: Uint8Array = crypto.getRandomValues(new Uint8Array(10)),
): string {
  const time = now.toString(16).padStart(12, '0');
  const hex = [...random].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  const variant = ((Number.parseInt(hex[3] ?? '0', 16) & 0x3) | 0x8).toString(16);
  return `${time.slice(0, 8)}-${time.slice(8)}-7${hex.slice(0, 3)}-${variant}${hex.slice(4, 7)}-${hex.slice(8, 20)}`;
}
