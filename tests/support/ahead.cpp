// The precompiled header needs a file that it is made for.
