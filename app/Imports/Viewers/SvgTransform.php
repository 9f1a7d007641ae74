<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

/** How an element of an SVG drawing is moved, turned and stretched (SVG 1.1, 7.6): x′ = a·x + c·y + e, y′ = b·x + d·y + f. */
final readonly class SvgTransform
{
    private function __construct(
        private float $a,
        private float $b,
        private float $c,
        private float $d,
        private float $e,
        private float $f,
    ) {}

    public static function none(): self
    {
        return new self(1, 0, 0, 1, 0, 0);
    }

    /** A list of transforms; what is none is passed over. */
    public static function read(string $list): self
    {
        $all = self::none();
        preg_match_all('/(\w+)\s*\(([^)]*)\)/', $list, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $arguments]) {
            $n = SvgShape::numbers($arguments);
            $all = $all->then(match ($name) {
                'matrix' => count($n) === 6 ? new self(...$n) : self::none(),
                'translate' => self::moved($n[0] ?? 0.0, $n[1] ?? 0.0),
                'scale' => new self($n[0] ?? 1.0, 0, 0, $n[1] ?? $n[0] ?? 1.0, 0, 0),
                'rotate' => self::moved($n[1] ?? 0.0, $n[2] ?? 0.0)->then(self::turned(deg2rad($n[0] ?? 0.0)))->then(self::moved(-($n[1] ?? 0.0), -($n[2] ?? 0.0))),
                'skewX' => new self(1, 0, tan(deg2rad($n[0] ?? 0.0)), 1, 0, 0),
                'skewY' => new self(1, tan(deg2rad($n[0] ?? 0.0)), 0, 1, 0, 0),
                default => self::none(),
            });
        }

        return $all;
    }

    /** First the inner one, then this. */
    public function then(self $inner): self
    {
        return new self(
            $this->a * $inner->a + $this->c * $inner->b,
            $this->b * $inner->a + $this->d * $inner->b,
            $this->a * $inner->c + $this->c * $inner->d,
            $this->b * $inner->c + $this->d * $inner->d,
            $this->a * $inner->e + $this->c * $inner->f + $this->e,
            $this->b * $inner->e + $this->d * $inner->f + $this->f,
        );
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    public function apply(array $point): array
    {
        return [$this->a * $point[0] + $this->c * $point[1] + $this->e, $this->b * $point[0] + $this->d * $point[1] + $this->f];
    }

    private static function moved(float $x, float $y): self
    {
        return new self(1, 0, 0, 1, $x, $y);
    }

    private static function turned(float $angle): self
    {
        return new self(cos($angle), sin($angle), -sin($angle), cos($angle), 0, 0);
    }
}
