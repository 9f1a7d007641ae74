<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;

/** What somebody starts from: things, a length, how many people look at once, how much time there is. */
final readonly class AtHand
{
    /** What a pattern of holes spells to begin with. */
    public const WORD = 'SOL';

    /**
     * @param list<Thing> $things none where nobody has said
     * @param float|null $lengthMm of a tube, a box, or the way to a wall, that a distance may be
     * @param int|null $people who are to look at the same time
     * @param int|null $minutes to build one
     */
    public function __construct(
        public array $things,
        public ?float $lengthMm,
        public ?int $people,
        public ?int $minutes,
    ) {}

    /** @return list<Build> that can be made so, those that most can look at first */
    public function builds(): array
    {
        $builds = array_values(array_filter(Build::cases(), $this->suits(...)));
        usort($builds, static fn(Build $a, Build $b): int => [$b->atOnce(), $a->minutes()] <=> [$a->atOnce(), $b->minutes()]);

        return $builds;
    }

    /** What a build begins with here: of the length that is at hand with its best hole, else as it is usual. */
    public function begin(Build $build, Light $light): Design
    {
        $design = DesignRecord::read(['build' => $build->value, 'text' => self::WORD], isWhole: false);
        if ($this->lengthMm === null || !$build->kind()->isHole()) {
            return $design;
        }
        $longer = $design->with(Size::Distance, $this->lengthMm);

        return $longer->with(Size::Hole, round(Improvement::bestHole($longer, $light), 2));
    }

    private function suits(Build $build): bool
    {
        $isHere = $this->things === [] || array_filter($build->takes(), fn(Thing $thing): bool => in_array($thing, $this->things, true)) !== [];

        return $isHere && ($this->people === null || $build->atOnce() >= $this->people || $build->isForEach()) && ($this->minutes === null || $build->minutes() <= $this->minutes);
    }
}
