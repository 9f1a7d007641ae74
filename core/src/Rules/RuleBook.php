<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

use KeenShadow\Core\Rules\Book\Cameras;
use KeenShadow\Core\Rules\Book\Eyes;
use KeenShadow\Core\Rules\Book\FrontFilters;
use KeenShadow\Core\Rules\Book\Glasses;
use KeenShadow\Core\Rules\Book\Images;
use KeenShadow\Core\Rules\Book\NoFilters;
use KeenShadow\Core\Rules\Book\People;
use KeenShadow\Core\Rules\Book\Projection;

/**
 * Who may look how: every rule there is, and the one way of asking them.
 *
 * A rule that asks for something is met, not met, or open while nobody knows. What is allowed must be allowed by a rule, and
 * by none refused; a yes has nothing open. So no answer turns from yes to no when something is told that was unknown.
 */
final readonly class RuleBook
{
    /** @var array<string, list<Rule>> by what the eye looks at: those that may have something to say */
    private array $byLook;

    /** @param list<Rule> $rules */
    private function __construct(public array $rules)
    {
        $byLook = [];
        foreach (Part::Look->words() as $look) {
            $byLook[$look] = array_values(array_filter($rules, static fn(Rule $rule): bool => $rule->isAbout($look)));
        }
        $this->byLook = $byLook;
    }

    public static function standard(): self
    {
        return new self([...Eyes::rules(), ...NoFilters::rules(), ...Glasses::rules(), ...FrontFilters::rules(), ...Images::rules(), ...Projection::rules(), ...Cameras::rules(), ...People::rules()]);
    }

    /** The same without one rule, to see what hangs on it. */
    public function without(string $id): self
    {
        return new self(array_values(array_filter($this->rules, static fn(Rule $rule): bool => $rule->id !== $id)));
    }

    public function ask(Situation $situation): Answer
    {
        $hearing = $this->hear($situation);

        return $hearing->answer($hearing->permission() === Permission::No ? Mending::smallest($this, $situation) : []);
    }

    public function hear(Situation $situation): Hearing
    {
        $look = $situation->get(Part::Look);

        return Hearing::of(is_string($look) ? $this->byLook[$look] : $this->rules, $situation);
    }
}
