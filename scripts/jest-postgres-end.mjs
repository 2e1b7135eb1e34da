export default async function end() {
  await globalThis.navurenPostgres?.remove();
}
