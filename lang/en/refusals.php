<?php

declare(strict_types=1);

/**
 * The words for what core refuses: by room, then by the code. A "what" is the thing that a sentence is about; what has no
 * words here is called by its code, as the options of the command line are.
 */
return [
    'time' => [
        'before_delta_t' => 'Nothing is known here of ΔT before :first; :year was asked for.',
        'delta_t_out_of_range' => 'ΔT must lie between :least and :most seconds; :value does not.',
    ],
    'eyewear' => [
        'no_readings' => 'There are no readings under the header.',
        'in_micrometres' => 'Line :line, column nm: :value is no wavelength in nanometres; is it in micrometres?',
        'disagree' => 'Line :line, column nm: :nm stands in line :other already, with another reading.',
        'above_one' => 'Line :line, column :column: more than all the light, :value; is the column named for another unit?',
        'negative' => 'Line :line, column :column: :value is less than nothing, beyond noise.',
    ],
    'position' => [
        'no_sentence' => 'incomplete sentence',
        'wrong_check_sum' => 'wrong check sum',
        'no_fix' => 'no fix',
        'not_measured' => 'position not measured',
        'no_place' => 'no place',
        'called_invalid' => 'called invalid by the receiver',
    ],
    'rules' => [
        'not_an_object' => 'Line :line is no situation: write one JSON object a line, its id a text.',
        'unknown_part' => 'A situation has no part ":part".',
        'not_a_word' => ':part cannot be :given; it is one of :words.',
        'not_a_list' => ':part cannot be :given; it is a list of none or some of :words.',
        'not_a_number' => ':part cannot be :given; it is a number from :least to :most.',
        'not_true_or_false' => ':part cannot be :given; it is true or false.',
    ],
    'sky' => [
        'out_of_range' => ':What must lie between :least and :most; :value does not.',
        'not_a_number' => ':what: ":text" is not a number.',
        'not_one_of' => ':what: ":text" is none of :allowed.',
        'no_eclipse' => 'There is no solar eclipse on :date (UTC).',
        'not_found' => ':What was not found: the search did not come to an end.',
        'not_a_date' => '":text" is not a date written as YYYY-MM-DD.',
        'outside_years' => 'Eclipses are computed for the years :first to :last.',
        'what' => [
            'lat_deg' => 'the latitude in degrees',
            'lon_deg' => 'the longitude in degrees',
            'height_m' => 'the height in metres',
            'sun_km' => 'the solar radius in km',
            'max' => 'the maximum',
        ],
    ],
    'site' => [
        'out_of_range' => ':What must lie between :least and :most; :value does not.',
        'point_count' => ':Name has :least to :most points, not :count.',
        'same_point' => ':Name has no size: its points all lie in one place.',
        'no_throw' => 'There is no way from :mirror to :target: both lie in one place.',
        'crosses_itself' => 'The outline of :name crosses itself; put its corners in order.',
        'upside_down' => 'The lower edge of :name must lie below its upper edge.',
        'not_a_point' => '":text" is not a place: write metres east and metres north with a space between, and a semicolon before the next.',
        'not_a_pair' => 'Line :line: ":text" is not an azimuth and an altitude.',
        'name_twice' => 'Two things are called ":name"; give each a name of its own.',
        'azimuth_twice' => 'The horizon has two altitudes at azimuth :azimuth°.',
        'too_many' => 'There are more than :most :what.',
        'what' => [
            'height_m' => 'the height of :name in metres',
            'sill_m' => 'the lower edge of :name in metres',
            'radius_m' => 'the radius of :name in metres',
            'east_m' => ':name in metres east',
            'north_m' => ':name in metres north',
            'azimuth_deg' => 'an azimuth of the horizon',
            'altitude_deg' => 'an altitude of the horizon',
            'accuracy_m' => 'how well the plan was measured, in metres,',
            'distance_m' => 'the distance from the banner in metres',
            'tube_m' => 'the length of the tube in metres',
            'lower_end_m' => 'the height of the lower end in metres',
            'things' => 'things',
            'profile' => 'points in the horizon',
        ],
    ],
    'audience' => [
        'out_of_range' => ':What must lie between :least and :most; :value does not.',
        'round_too_short' => 'In :minutes min nobody can look once: a look with handing over takes :seconds s.',
        'what' => [
            'people' => 'the number of people',
            'look_s' => 'a look in seconds',
            'hand_s' => 'handing over in seconds',
            'every_min' => 'the time between two looks in minutes',
            'spares_percent' => 'spare pairs in percent',
            'places' => 'the number of places',
            'walk_s' => 'the way in seconds',
            'service_s' => 'the time at a station in seconds',
            'spread_s' => 'the spread of that time in seconds',
        ],
    ],
    'viewers' => [
        'out_of_range' => ':What must lie between :least and :most mm; :value does not.',
        'what' => [
            'distance_mm' => 'the distance',
            'hole_mm' => 'the hole',
        ],
    ],
];
