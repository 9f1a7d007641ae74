<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** What kind of event it is, as far as usual cues go. */
enum Occasion: string
{
    case Lessons = 'lessons';
    case Public = 'public';
    case Telescopes = 'telescopes';
    case Indoors = 'indoors';
}
