<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** What is done after an eclipse (common practice), in the order in which it is done. */
enum AfterTask: string
{
    case CountGlasses = 'count_glasses';
    case DestroyDamaged = 'destroy_damaged';
    case StoreGlasses = 'store_glasses';
    case CapInstruments = 'cap_instruments';
    case TellSymptoms = 'tell_symptoms';
    case ReadLoggers = 'read_loggers';
    case TypeSheets = 'type_sheets';
    case CollectPictures = 'collect_pictures';
    case WriteReport = 'write_report';
    case GiveData = 'give_data';
    case ThankCrew = 'thank_crew';
}
