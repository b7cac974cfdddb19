/** Where the key light comes from: degrees to the right of the eye, and above it. */
export interface KeyDirection {
  azimuth: number
  elevation: number
}
export const usualKey: KeyDirection = { azimuth: -35, elevation: 45 }
export const keyLimits = { azimuth: [-180, 180], elevation: [-30, 90] } as const
