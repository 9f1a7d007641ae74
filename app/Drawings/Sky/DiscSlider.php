<?php

declare(strict_types=1);

namespace App\Drawings\Sky;

use App\Text\Clock;
use App\Text\SkyWords;
use DateInterval;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalView;

/** The disc from before C1 to after C4, minute by minute and at the contacts. */
final readonly class DiscSlider
{
    /**
     * @param list<DiscSample> $samples
     * @param int $best the sample with the most covered while the Sun is up
     */
    private function __construct(
        public array $samples,
        public int $best,
    ) {}

    public static function of(LocalEclipse $here, Filters $filters): self
    {
        $samples = array_values(array_map(static fn(array $m): DiscSample => self::sample($m[0], $m[1], $here, $filters), self::moments($here)));
        $seen = array_map(static fn(DiscSample $sample): float => $sample->isUp ? $sample->magnitude : -1.0, $samples);

        return new self($samples, (int) array_search(max([-1.0, ...$seen]), $seen, true));
    }

    public function last(): int
    {
        return count($this->samples) - 1;
    }

    /**
     * What the page's script shows; it computes nothing.
     *
     * @param DateTimeImmutable $begin of the ribbon, on which it moves a mark
     *
     * @return array<string, mixed>
     */
    public function forScript(DateTimeImmutable $begin, DateTimeImmutable $end): array
    {
        return [
            'samples' => $this->samples,
            'best' => $this->best,
            'begin' => (int) $begin->format('U'),
            'end' => (int) $end->format('U'),
        ];
    }

    /** @return array<array-key, array{string, LocalView}> the contact's name or nothing, and the view, in order of time */
    private static function moments(LocalEclipse $here): array
    {
        $begin = $here->begins()->sub(new DateInterval('PT10M'));
        $begin = $begin->setTime((int) $begin->format('G'), (int) $begin->format('i'));
        $moments = [];
        for ($moment = $begin; $moment < $here->ends()->modify('+11 minutes'); $moment = $moment->modify('+1 minute')) {
            $moments[$moment->format('U.u')] = ['', $here->at($moment)];
        }
        foreach ($here->circumstances->contacts() as $contact) {
            $moments[$contact->time()->format('U.u')] = [SkyWords::contact($contact->name), $contact->view];
        }
        ksort($moments, SORT_NUMERIC);

        return $moments;
    }

    private static function sample(string $name, LocalView $view, LocalEclipse $here, Filters $filters): DiscSample
    {
        $time = $name === '' ? Clock::over($here)->minute($view->time()) : Clock::over($here)->second($view->time());

        return DiscSample::of($view, $name, $time, $filters->at($view->julianDateUt()));
    }
}
