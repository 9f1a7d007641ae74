<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Where the pairs of a lot are on the day, by counting. What is fit may be handed out; what went out is not here; what was lost does not come back. */
final readonly class Stock
{
    /**
     * @param int $fit found fit for the occasion, wherever they are now
     * @param int $withdrawn found unfit for good, wherever they are now
     * @param int $out handed out
     * @param int $back of those, come back
     * @param int $lost of those, not coming back
     * @param int $destroyed cut through
     */
    public function __construct(
        public int $fit,
        public int $withdrawn,
        public int $out,
        public int $back,
        public int $lost,
        public int $destroyed,
    ) {}

    /** With groups now. */
    public function outNow(): int
    {
        return max(0, $this->out - $this->back - $this->lost);
    }

    /** Fit and here: may be handed out. */
    public function toHandOut(): int
    {
        return max(0, $this->fit - $this->lost - $this->outNow());
    }

    /** Fit and not lost: what an event can count on. */
    public function toCountOn(): int
    {
        return max(0, $this->fit - $this->lost);
    }

    /** With groups, though no longer found fit: to be called back. */
    public function toCallBack(): int
    {
        return max(0, $this->outNow() - max(0, $this->fit - $this->lost));
    }

    /** Withdrawn and still whole. */
    public function toDestroy(): int
    {
        return max(0, $this->withdrawn - $this->destroyed);
    }
}
