<?php

declare(strict_types=1);

// Usual cards for whoever waits: question, answer, what they need of the sky. Words in braces are this site's own numbers; a card with one that there is not here is left out.
return [
    ['How much of the Sun will be covered here?', '{percent} % of its area, and {diameter} of its diameter: two numbers for the same thing, and people mix them up all the time.', 'any'],
    ['When is the first bite to be seen?', 'At {c1}. Look at the edge of the Sun, through a filter, a minute later: it takes that long to be sure.', 'any'],
    ['How long does totality last here?', '{length}, from {c2} to {c3}. Nowhere on Earth is it ever longer than seven and a half minutes.', 'any'],
    ['Where is the Sun at the maximum?', 'It is {direction}. A fist at arm\'s length is ten degrees wide. Look up only through a filter.', 'any'],
    ['Why are there crescents under the tree?', 'Every gap between the leaves is a pinhole: each bright spot is an image of the Sun, upside down.', 'sunlight'],
    ['Cross your fingers over your shadow: what do you see?', 'Small crescents between them. The smaller the gap and the farther the ground, the sharper they are.', 'sunlight'],
    ['Hold your hand into the Sun: is it as warm as half an hour ago?', 'It gets cooler. Mostly it is coolest some minutes after the maximum, for the air follows late.', 'sunlight'],
    ['Why is there not an eclipse every month?', 'The Moon\'s way is tilted by five degrees: mostly its shadow passes above or below the Earth.', 'any'],
    ['The Sun is four hundred times as wide as the Moon. Why can the Moon cover it?', 'It is four hundred times as far away, too. When the Moon is a little farther off than usual, a ring is left.', 'any'],
    ['It is clouded. Does anything happen all the same?', 'Yes: it gets darker and cooler, animals notice it, and the darkness comes and goes within minutes.', 'clouded'],
    ['Can you hear an eclipse?', 'Sometimes: birds fall silent or sing as in the evening, and crickets begin.', 'clouded'],
    ['How fast is the shadow of the Moon?', 'It crosses the ground at more than half a kilometre a second: faster than sound.', 'clouded'],
];
