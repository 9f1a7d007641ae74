<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/**
 * Where the hole and the side window of a box lie so that the head of whoever looks in stays out of the hole's light. Lengths in
 * millimetres; x from the end with the hole, y from the wall opposite the window.
 *
 * The window lies next to the end with the hole, and the hole near the opposite wall: a head that lies against the wall with the
 * window, and reaches beyond the end, is then beside the light.
 */
final readonly class BoxPlan
{
    /** A head of an adult with hair or a hat, as a ball (own judgement). */
    public const HEAD_RADIUS_MM = 100.0;
    /** Its middle is so much nearer to the Sun than the window's. */
    private const HEAD_BEFORE_MM = 60.0;
    /** Between the head and the light at least (own judgement). */
    public const CLEAR_MM = 40.0;
    public const WINDOW_MM = 50.0;
    private const FIRST_MM = 10.0;
    private const RIM_MM = 12.0;

    private function __construct(
        public float $lengthMm,
        public float $heightMm,
        public float $holeMm,
        public float $windowFromMm,
        public float $windowToMm,
    ) {}

    /** @param float $imageMm width of the Sun's image, which must fit on the far end */
    public static function of(float $lengthMm, float $heightMm, float $imageMm): self
    {
        $from = min(self::FIRST_MM, $lengthMm / 4);

        return new self($lengthMm, $heightMm, min($heightMm / 2, $imageMm / 2 + self::RIM_MM), $from, min($from + self::WINDOW_MM, $lengthMm * 0.75));
    }

    /** @return array{float, float} middle of the head, which touches the wall with the window from outside */
    public function head(): array
    {
        return [($this->windowFromMm + $this->windowToMm) / 2 - self::HEAD_BEFORE_MM, $this->heightMm + self::HEAD_RADIUS_MM];
    }

    /** From the head to the light that falls on the hole. */
    public function clearMm(): float
    {
        return $this->head()[1] - self::HEAD_RADIUS_MM - $this->holeMm;
    }
}
