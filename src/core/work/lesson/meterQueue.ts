/** When each group has a meter. */
export interface MeterQueue {
  /** Minutes of one turn with the meter. */
  readonly turnMinutes: number;
  /** Longest time that a group waits between two of its turns. */
  readonly longestWaitMinutes: number;
  /** One round: who measures when, and with which meter; all from 0. */
  readonly turns: readonly {
    readonly round: number;
    readonly group: number;
    readonly meter: number;
    readonly fromMinute: number;
  }[];
  /** Fewest meters with which no group waits longer than wished; more than there are where the wish cannot be met. */
  readonly metersNeeded: number;
}

/** A turn that suffices for volts, a short current and the note of both, and the least that it can be cut to. */
export const TURN_MINUTES = { usual: 3, least: 1 } as const;

/**
 * A rotation of groups over meters: turns are shortened, but not below the least, until nobody waits longer than
 * wished.
 * @param longestTurnMinutes the longest turn, where a lesson has no room for the usual one
 */
export function meterQueue(
  groups: number,
  meters: number,
  mostWaitMinutes: number,
  longestTurnMinutes: number = TURN_MINUTES.usual,
): MeterQueue {
  const rounds = Math.ceil(groups / meters);
  const fitting = rounds === 1 ? longestTurnMinutes : mostWaitMinutes / (rounds - 1);
  const turnMinutes = Math.max(
    TURN_MINUTES.least,
    Math.min(longestTurnMinutes, Math.floor(2 * fitting) / 2),
  );
  return {
    turnMinutes,
    longestWaitMinutes: (rounds - 1) * turnMinutes,
    turns: Array.from({ length: groups }, (_, group) => {
      const round = Math.floor(group / meters);
      return { round, group, meter: group % meters, fromMinute: round * turnMinutes };
    }),
    metersNeeded: metersNeeded(groups, mostWaitMinutes),
  };
}

function metersNeeded(groups: number, mostWaitMinutes: number): number {
  for (let meters = 1; meters < groups; meters += 1) {
    if ((Math.ceil(groups / meters) - 1) * TURN_MINUTES.least <= mostWaitMinutes) return meters;
  }
  return groups;
}
