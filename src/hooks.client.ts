import '$lib/model/without-eval';
