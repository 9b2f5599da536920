/** Share of the clean flow through the pack at which a filter wants service (common practice; a setting of the trade). */
export const SERVICE_SHARE = 0.6;
