<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;

/**
 * What is printed on a lot, where it came from and which report came with it. What is not asked of its kind is null.
 *
 * Paper proves little: fakes carry the print. It can rule a lot out; it cannot make a pair fit. So a yes here only
 * means that the pairs may now be inspected, one by one.
 */
final readonly class Paperwork
{
    /** @param SupplierStanding|null $supplier what the register says now, where the lot came from a supplier of it */
    public function __construct(
        public Make $make,
        public Stated $makerName,
        public ?Stated $makerAddress,
        public ?PrintedStandard $standard,
        public ?Stated $instructions,
        public ?Stated $warnings,
        public ?DateTimeImmutable $expiresOn,
        public Origin $origin,
        public ?SupplierStanding $supplier,
        public ?TestReport $report,
    ) {}

    /**
     * @param DateTimeImmutable $useOn the day on which it is to be used
     * @param list<Finding> $measured what instruments have against the lot; it weighs more than paper
     */
    public function verdict(DateTimeImmutable $useOn, array $measured = []): Verdict
    {
        return Verdict::of(
            EyewearSubject::Lot,
            array_values(array_filter([
                ...$measured,
                ...$this->make->findings(),
                $this->maker(),
                $this->standard(),
                $this->expiry($useOn),
                $this->origin(),
                $this->report(),
                $this->address(),
                $this->instructions(),
                $this->warnings(),
            ])),
            new Finding(
                Level::Yes,
                'What was answered of it fits together.',
                'Inspect every piece before it is used; papers do not show a scratch.',
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
                'Set the lot aside and do not hand it out; destroy it if it stays unnamed.',
                $this->asked(),
                rule: 'papers-in-order',
            ),
            Stated::Unsure => new Finding(
                Level::Hold,
                'It is not clear who made them.',
                'Look for the maker\'s name on it and on the packing.',
                $this->asked(),
                rule: 'papers-in-order',
            ),
        };
    }

    private function address(): ?Finding
    {
        return $this->makerAddress === null || $this->makerAddress === Stated::Yes ? null : new Finding(
            Level::Hold,
            'The maker\'s address is missing or not found.',
            'Find the address and ask the maker whether this batch is theirs.',
            $this->asked(),
            rule: 'papers-in-order',
        );
    }

    private function standard(): ?Finding
    {
        return match ($this->standard) {
            PrintedStandard::Iso12312, null => null,
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
            'Withdraw the lot; order new ones.',
            Source::CommonPractice,
            rule: 'papers-in-order',
        );
    }

    private function instructions(): ?Finding
    {
        return $this->instructions === null || $this->instructions === Stated::Yes ? null : new Finding(
            Level::Hold,
            'There are no instructions for use.',
            'Ask the supplier for the printed instructions of this product.',
            $this->asked(),
            rule: 'papers-in-order',
        );
    }

    private function warnings(): ?Finding
    {
        return $this->warnings === null || $this->warnings === Stated::Yes ? null : new Finding(
            Level::Hold,
            'The warnings are missing, such as to discard it when it is damaged.',
            'Ask the supplier; say the warnings aloud to every group in any case.',
            $this->asked(),
            rule: 'papers-in-order',
        );
    }

    private function origin(): ?Finding
    {
        return match ($this->origin) {
            Origin::Maker => null,
            Origin::Supplier => $this->supplier(),
            Origin::WebShop => new Finding(
                Level::Hold,
                'A web shop or market place is no proof of origin: fakes are sold there beside good ones.',
                'Ask the named maker whether they supply this seller.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            Origin::Unknown => new Finding(
                Level::Hold,
                'Nobody knows where it came from.',
                'Trace them to a seller and a maker, or withdraw them.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
        };
    }

    private function supplier(): ?Finding
    {
        return match ($this->supplier) {
            SupplierStanding::Checked => null,
            SupplierStanding::NotChecked, null => new Finding(
                Level::Hold,
                'Nobody has checked the supplier yet.',
                'Ask the maker whether they supply them; enter in the register who checked it, and when.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            SupplierStanding::Refused => new Finding(
                Level::No,
                'The register of suppliers says that nothing is taken from them.',
                'Set the lot aside and do not hand it out.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
        };
    }

    private function report(): ?Finding
    {
        return match ($this->report) {
            TestReport::ProductAndBatch, null => null,
            TestReport::ProductOnly => new Finding(
                Level::Hold,
                'The report names this product but not this batch.',
                'Ask for the report of this batch, or the maker\'s written word that it covers it.',
                Source::CommonPractice,
                rule: 'papers-in-order',
            ),
            TestReport::SomethingElse => new Finding(
                Level::Hold,
                'The report is for another product; it says nothing about this one.',
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

    /** ISO 12312-2 asks for it where it is about such a thing; elsewhere it is good practice. */
    private function asked(): Source
    {
        return $this->make->kind->isEclipseGlasses() ? Source::Iso12312 : Source::CommonPractice;
    }
}
