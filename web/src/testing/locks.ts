type Held = { name: string; robbed: (why: DOMException) => void };

/** The browser's locks, as far as they are used here: taken where they are free, or from whoever has them. */
export class FakeLocks {
  private readonly held = new Map<string, Held>();

  query = async () => ({ held: [...this.held.values()], pending: [] });

  request = async (
    name: string,
    { steal = false }: { ifAvailable?: boolean; steal?: boolean },
    work: (lock: { name: string } | null) => unknown,
  ): Promise<unknown> => {
    const before = this.held.get(name);
    if (before && !steal) return work(null);
    before?.robbed(new DOMException('stolen', 'AbortError'));
    return new Promise((done, fail) => {
      const mine = { name, robbed: fail };
      this.held.set(name, mine);
      Promise.resolve(work({ name }))
        .then(done, fail)
        .finally(() => this.held.get(name) === mine && this.held.delete(name));
    });
  };
}
