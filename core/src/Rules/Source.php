<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What a rule stands on. */
enum Source: string
{
    case CommonPractice = 'common practice';
    case Iso12312 = 'ISO 12312-2:2015, from memory';
    case En169 = 'EN 169, from memory';
    case OwnJudgement = 'own judgement';
    case Plan = 'geometry of the plan, refraction after Sæmundsson 1986';
    case Optics = 'geometry and diffraction of holes and lenses';
}
