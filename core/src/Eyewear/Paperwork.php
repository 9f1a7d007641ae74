<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;

/**
 * What is printed on a lot of eclipse glasses, where it came from and which report came with it.
 *
 * Paper proves little: fakes carry the print. It can rule a lot out; it cannot make a pair safe. So a yes here only
 * means that the pairs may now be inspected, one by one.
 */
final readonly class Paperwork
{
    public function __construct(
        public Stated $makerName,
        public Stated $makerAddress,
        public PrintedStandard $standard,
        public Stated $instructions,
        public Stated $warnings,
        public ?DateTimeImmutable $expiresOn,
        public Origin $origin,
        public TestReport $report,
    ) {}

    /**
     * @param DateTimeImmutable $useOn the day on which the glasses are to be used
     * @param list<Finding> $measured what instruments have against the lot
     */
    public function verdict(DateTimeImmutable $useOn, array $measured = []): Verdict
    {
        return Verdict::of(
            EyewearSubject::Lot,
            array_values(array_filter([
                $this->maker(),
                $this->address(),
                $this->standard(),
                $this->expiry($useOn),
                $this->instructions(),
                $this->warnings(),
                $this->origin(),
                $this->report(),
                ...$measured,
            ])),
            new Finding(
                Level::Yes,
                'Maker, standard, instructions, warnings, origin and report all fit together.',
                'Inspect every pair before it is used; papers do not show a scratch.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
        );
    }

    private function maker(): ?Finding
    {
        return match ($this->makerName) {
            Stated::Yes => null,
            Stated::No => new Finding(
                Level::No,
                'No maker is named, so nobody answers for the filter and no report can belong to it.',
                'Set the lot aside and do not hand it out; cut through the lenses if it stays unnamed.',
                Source::Iso12312,
                rule: 'papers-in-order',
            ),
            Stated::Unsure => new Finding(
                Level::Hold,
                'It is not clear who made them.',
                'Look for the maker\'s name on the frame and the packing.',
                Source::Iso12312,
                rule: 'papers-in-order',
            ),
        };
    }

    private function address(): ?Finding
    {
        return $this->makerAddress === Stated::Yes ? null : new Finding(
            Level::Hold,
            'The maker\'s address is missing or not found; the standard asks for it.',
            'Find the address and ask the maker whether this batch is theirs.',
            Source::Iso12312,
            rule: 'papers-in-order',
        );
    }

    private function standard(): ?Finding
    {
        return match ($this->standard) {
            PrintedStandard::Iso12312 => null,
            PrintedStandard::LogoOnly => new Finding(
                Level::Hold,
                'A logo or the letters ISO alone claim nothing; fakes carry them.',
                'Ask for the report under ISO 12312-2 for this product and batch.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            PrintedStandard::Another => new Finding(
                Level::No,
                'Another standard is cited; only ISO 12312-2 is for looking straight at the Sun.',
                'Do not use them for the Sun.',
                Source::Iso12312,
                rule: 'papers-in-order',
            ),
            PrintedStandard::None => new Finding(
                Level::No,
                'No standard is cited, so they are not sold for looking straight at the Sun.',
                'Do not use them for the Sun.',
                Source::Iso12312,
                rule: 'papers-in-order',
            ),
        };
    }

    private function expiry(DateTimeImmutable $useOn): ?Finding
    {
        return $this->expiresOn === null || $this->expiresOn->format('Y-m-d') >= $useOn->format('Y-m-d') ? null : new Finding(
            Level::No,
            'The printed expiry date lies before the day of use.',
            'Withdraw the lot; order new glasses.',
            Source::CommonPractice,
            rule: 'papers-in-order',
        );
    }

    private function instructions(): ?Finding
    {
        return $this->instructions === Stated::Yes ? null : new Finding(
            Level::Hold,
            'There are no instructions for use; the standard asks for them.',
            'Ask the supplier for the printed instructions of this product.',
            Source::Iso12312,
            rule: 'papers-in-order',
        );
    }

    private function warnings(): ?Finding
    {
        return $this->warnings === Stated::Yes ? null : new Finding(
            Level::Hold,
            'The warnings are missing (never with optics, discard when damaged); the standard asks for them.',
            'Ask the supplier; say the warnings aloud to every group in any case.',
            Source::Iso12312,
            rule: 'papers-in-order',
        );
    }

    private function origin(): ?Finding
    {
        return match ($this->origin) {
            Origin::CheckedSupplier, Origin::Maker => null,
            Origin::WebShop => new Finding(
                Level::Hold,
                'A web shop or market place is no proof of origin: fakes are sold there beside good ones.',
                'Ask the named maker whether they supply this seller.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            Origin::Unknown => new Finding(
                Level::Hold,
                'Nobody knows where these glasses came from.',
                'Trace them to a seller and a maker, or withdraw them.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
        };
    }

    private function report(): ?Finding
    {
        return match ($this->report) {
            TestReport::ProductAndBatch => null,
            TestReport::ProductOnly => new Finding(
                Level::Hold,
                'The report names this product but not this batch.',
                'Ask for the report of this batch, or the maker\'s written word that it covers it.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            TestReport::SomethingElse => new Finding(
                Level::Hold,
                'The report is for another product; it says nothing about these.',
                'Ask for the report of this product and batch.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            TestReport::None => new Finding(
                Level::Hold,
                'There is no laboratory report.',
                'Ask the maker for the report of this product and batch.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
        };
    }
}
