<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Text\Clock;
use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** Turns and duties as they stand in lanes. */
final readonly class RotaEntries
{
    /**
     * @param list<Fault> $faults
     * @param array<string, string> $names
     */
    private function __construct(private EventRota $rota, private array $faults, private array $names, private Clock $clock) {}

    public static function of(EventRota $rota, Clock $clock): self
    {
        return new self($rota, $rota->faults(), $rota->names(), $clock);
    }

    /**
     * @param bool $isNamed whether the station is said as well
     *
     * @return list<LaneEntry>
     */
    public function turns(bool $isNamed, ?string $station = null): array
    {
        $turns = array_filter($this->rota->rota()->turns, fn(Turn $t): bool => isset($this->names[$t->group], $this->names[$t->station]) && ($station === null || $t->station === $station));

        return array_map(fn(string $id, Turn $t): LaneEntry => $this->entry('turn', $id, $t, $this->names[$t->group] . ($isNamed ? " · {$this->names[$t->station]}" : ''), $t->group, $t->station), array_keys($turns), array_values($turns));
    }

    /** @return list<LaneEntry> */
    public function posts(bool $isNamed, ?string $helper = null): array
    {
        $posts = array_filter($this->rota->rota()->posts, fn(Post $p): bool => isset($this->names[$p->helper], $this->names[$p->station]) && ($helper === null || $p->helper === $helper));

        return array_map(fn(string $id, Post $p): LaneEntry => $this->entry('post', $id, $p, ($isNamed ? "{$this->names[$p->helper]} · " : '') . $this->names[$p->station], $p->helper, $p->station), array_map(strval(...), array_keys($posts)), array_values($posts));
    }

    /** @return list<LaneEntry> of each station the stretches in which somebody is to be there */
    public function stations(): array
    {
        $entries = [];
        foreach ($this->rota->spots as $spot) {
            foreach ($this->rota->staffed($spot->method) as $s) {
                $entries[] = $this->entry('', $spot->method, new Turn('', $spot->method, $s->fromMin, $s->toMin), $spot->name, '', $spot->method);
            }
        }

        return $entries;
    }

    /** @return list<LaneEntry> when fewer are at a station than it wants */
    public function gaps(): array
    {
        $gaps = array_filter($this->faults, static fn(Fault $f): bool => $f->kind === FaultKind::Alone || $f->kind === FaultKind::Unstaffed);

        return array_map(fn(Fault $f): LaneEntry => new LaneEntry($this->rota->at($f->fromMin), $this->rota->at($f->toMin), what: '', id: $f->station, kind: 'gap', label: $this->names[$f->station] ?? '', time: $this->clock->minute($this->rota->at($f->fromMin)), isFaulty: true), array_values($gaps));
    }

    /** @return array<string, list<LaneEntry>> */
    public function turnsByStation(): array
    {
        $lanes = [];
        foreach ($this->rota->spots as $spot) {
            $lanes[$spot->name] = $this->turns(false, $spot->method);
        }

        return $lanes;
    }

    /** @return array<string, list<LaneEntry>> of those who are asked to come */
    public function postsByHelper(): array
    {
        $lanes = [];
        foreach ($this->rota->helpers as $helper) {
            if (isset($this->rota->rota()->wishes->crew[$helper->rotaId()])) {
                $lanes[$helper->name] = $this->posts(false, $helper->rotaId());
            }
        }

        return $lanes;
    }

    private function entry(string $what, string $id, Turn|Post $one, string $label, string $who, string $station): LaneEntry
    {
        $isFaulty = array_filter($this->faults, static fn(Fault $f): bool => $f->fromMin < $one->endMin && $one->startMin < $f->toMin && ($what === '' ? $f->station === $station : ($f->group === $who || $f->helper === $who) && $f->station === $station)) !== [];

        return new LaneEntry($this->rota->at($one->startMin), $this->rota->at($one->endMin), what: $what, id: $id, kind: $what === '' ? 'station' : $what, label: $label, time: $this->clock->minute($this->rota->at($one->startMin)), offsetS: 60 * $one->startMin, durationS: 60 * ($one->endMin - $one->startMin), isFaulty: $isFaulty);
    }
}
