/** All but the Moon's disc, in radii of the Sun, as the data of a path that is filled by the even-odd rule. */
export function allButMoon(x, y, radius) {
    return `M-9 -9H9V9H-9ZM${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0`;
}
