<?php

/** The least that this server can answer: what pages are measured against. */
echo 'hello';
