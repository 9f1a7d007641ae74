<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * Whether the helpers who are there at a step are enough for some stations at once, each at a station for which they are
 * trained. What came before and comes after (ways, rests) is left out: whoever is not enough here never is.
 */
final class Staffing
{
    /** @var list<list<bool>> by helper and step */
    public readonly array $isThere;

    /** @var list<int> stations for which a helper is trained, as bits */
    public readonly array $trainedFor;

    /** @var list<int> helpers wanted, by station */
    public readonly array $wanted;

    /** @var list<string> steps with one key have the same helpers */
    private readonly array $key;

    /** @var array<string, array<int, bool>> what was found, by key and stations */
    private array $known = [];

    public function __construct(Problem $problem, int $steps)
    {
        $isThere = $trainedFor = $key = [];
        foreach ($problem->crew as $h => $helper) {
            $isThere[$h] = [];
            for ($t = 0; $t < $steps; ++$t) {
                $from = $problem->within->fromMin + $t * $problem->stepMin;
                $isThere[$h][$t] = Stretch::oneHas($helper->free, $from, $from + $problem->stepMin);
            }
            $trainedFor[$h] = 0;
            foreach ($problem->stations as $s => $station) {
                $trainedFor[$h] |= $helper->mayServe($station) ? 1 << $s : 0;
            }
        }
        for ($t = 0; $t < $steps; ++$t) {
            $key[$t] = implode(array_map(static fn(array $there): string => $there[$t] ? '1' : '0', $isThere));
        }
        $this->isThere = array_values(array_map(array_values(...), $isThere));
        $this->trainedFor = array_values($trainedFor);
        $this->key = array_values($key);
        $this->wanted = array_map(static fn(Station $s): int => $s->crew, $problem->stations);
    }

    /** @param int $stations as bits */
    public function isEnough(int $step, int $stations): bool
    {
        return $this->known[$this->key[$step]][$stations] ??= $this->match($step, $stations);
    }

    /** Every post wanted gets a helper of its own, by augmenting paths (Kuhn 1955, Berge 1957). */
    private function match(int $step, int $stations): bool
    {
        $posts = [];
        foreach ($this->wanted as $s => $wanted) {
            if (($stations >> $s & 1) === 1) {
                if ($wanted > count($this->isThere)) {
                    return false;
                }
                array_push($posts, ...array_fill(0, $wanted, $s));
            }
        }
        $taken = [];
        foreach (array_keys($posts) as $post) {
            $seen = [];
            if (!$this->finds($post, $posts, $step, $taken, $seen)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<int> $posts station of each
     * @param array<int, int> $taken post of each helper
     * @param array<int, true> $seen helpers asked for this post
     */
    private function finds(int $post, array $posts, int $step, array &$taken, array &$seen): bool
    {
        foreach ($this->trainedFor as $h => $stations) {
            if (isset($seen[$h]) || !$this->isThere[$h][$step] || ($stations >> $posts[$post] & 1) === 0) {
                continue;
            }
            $seen[$h] = true;
            if (!isset($taken[$h]) || $this->finds($taken[$h], $posts, $step, $taken, $seen)) {
                $taken[$h] = $post;

                return true;
            }
        }

        return false;
    }
}
