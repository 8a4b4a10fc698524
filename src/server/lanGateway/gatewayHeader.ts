/** On every request that came in through the gateway; whoever sends it himself only loses by it. */
export const GATEWAY_HEADER = 'x-grozer-gateway';
